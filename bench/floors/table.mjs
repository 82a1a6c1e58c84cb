/** The floor of a table: the response fetched and parsed, and nothing shown. */
import { request } from 'undici';

const { body } = await request(process.argv[2]);
JSON.parse(await body.text());
process.exit(0);
