/** Signatures prove themselves: each documented example is reproduced, and nothing is sent. */
import type { Loaded } from '../collection/collection.js';
import type { SignatureFile } from '../collection/files/signature-file.js';
import { variableNames } from '../collection/variables/variable-scopes.js';
import { noNames } from '../expression/names.js';
import { asProblem } from '../problem/problem.js';
import type { Workspace } from '../sending/workspace.js';
import type { Mismatch } from '../signature/examples.js';
import type { Finding } from './finding.js';

const rule = 'signature-examples-hold';

export async function exampleFindings(
  workspace: Workspace,
  { name, content, yaml }: Loaded<SignatureFile>,
): Promise<Finding[]> {
  const { examples = [] } = content;
  if (examples.length === 0) return [];
  const [{ exampleMismatches }, signer] = await Promise.all([
    import('../signature/examples.js'),
    workspace.signer(name),
  ]);
  return examples.flatMap((example, index): Finding[] => {
    const runtime = workspace.runtime();
    const variables = variableNames(workspace.layers, noNames, { runtime, onSecret: workspace.redactor.add });
    const path = ['examples', index];
    try {
      return exampleMismatches(signer, example, { runtime, variables }).map((mismatch) => ({
        rule,
        severity: 'error',
        where: yaml.position([...path, 'expect', ...mismatch.path]),
        ...told(mismatch),
      }));
    } catch (error) {
      const { what, remedy } = asProblem(error);
      return [
        { rule, severity: 'error', where: yaml.position(path), what: `the example cannot be made: ${what}`, remedy },
      ];
    }
  });
}

function told({
  name,
  difference,
  secret,
  lengths: [ours, theirs] = [0, 0],
}: Mismatch): Pick<Finding, 'what' | 'remedy'> {
  if (!difference) return { what: `the signature makes no ${name}`, remedy: 'is it called otherwise in the recipe?' };
  if (secret) {
    return {
      what: `${name} is not what the example says`,
      remedy:
        ours === theirs
          ? 'it is as long as theirs: where the base fits, the key is another, or what is signed with it'
          : `ours has ${ours} characters, theirs ${theirs}: another digest, or written otherwise (| hex, | base64)`,
    };
  }
  const { line, column, ourCharacter = 'nothing', theirCharacter = 'nothing', cause } = difference;
  return {
    what: `${name} parts from the example at ${line}:${column}: ours has ${ourCharacter}, theirs ${theirCharacter}`,
    remedy: cause,
  };
}
