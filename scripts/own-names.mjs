/**
 * A name from outside is looked up in own properties only: `map[name]` finds `constructor` in every map. Reading a map by a
 * name that is not written out goes through `ownMember` (src/core/value/own-member.ts); this finds where it does not.
 */
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const { config } = ts.readConfigFile(join(root, 'tsconfig.json'), ts.sys.readFile);
const { fileNames, options } = ts.parseJsonConfigFileContent(config, ts.sys, root);
const program = ts.createProgram(fileNames, options);
const checker = program.getTypeChecker();
const found = [];

const isWritten = (node) =>
  (ts.isBinaryExpression(node.parent) &&
    node.parent.left === node &&
    node.parent.operatorToken.kind === ts.SyntaxKind.EqualsToken) ||
  ts.isDeleteExpression(node.parent);

/** Names of any text, of maps that may have any name. */
function isLoose(node) {
  const key = checker.getTypeAtLocation(node.argumentExpression);
  if (!(key.flags & ts.TypeFlags.String)) return false;
  const map = checker.getApparentType(checker.getTypeAtLocation(node.expression));
  return checker.getIndexInfoOfType(map, ts.IndexKind.String) !== undefined;
}

for (const source of program.getSourceFiles()) {
  const file = relative(root, source.fileName);
  if (!/^src\/(?:core|cli)\//.test(file) || file === 'src/core/value/own-member.ts') continue;
  const visit = (node) => {
    if (ts.isElementAccessExpression(node) && isLoose(node) && !isWritten(node)) {
      const { line } = source.getLineAndCharacterOfPosition(node.getStart());
      found.push(`${file}:${line + 1}  ${node.getText().slice(0, 80)}`);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
}
if (found.length > 0) console.log(found.join('\n'));
process.exitCode = found.length > 0 ? 1 : 0;
