/** `completion bash | zsh | fish | powershell`: the script that a shell reads once. */

import { type CommandModule, examples } from '../../command.js';
import { completionScripts } from '../../completing/scripts.js';
import { emit } from '../../documents/emit.js';

/** A command each. */
export const scriptFor = (shell: string): CommandModule => ({
  configure(command, run) {
    command.action(
      run(async ({ terminal }) => {
        const script = completionScripts.get(shell);
        if (!script) return 2;
        if (terminal.json) return emit(terminal, 'completion', { shell, script: script.text });
        terminal.bytes(Buffer.from(script.text));
        terminal.note(terminal.err.dim(`to put it to use: ${script.use}`));
        return 0;
      }),
    );
    examples(command, [[`completion ${shell}`, 'the script; its first lines say how to install it']]);
  },
});
