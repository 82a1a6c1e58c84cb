/** The floor of `send`: import undici, make the request, parse the JSON. */
import { request } from 'undici';

const { body } = await request(process.argv[2]);
JSON.parse(await body.text());
process.exit(0);
