/** The completion scripts, one per shell: each asks the program for candidates. */

export interface CompletionScript {
  readonly shell: string;
  /** How it is put to use. */
  readonly use: string;
  readonly text: string;
}

const bash = `# echo-trail for bash; put it to use with: source <(echo-trail completion bash)
_echo_trail_words() {
  local line typed broken text one
  line=\${COMP_LINE:0:COMP_POINT}
  typed=\${line##*[[:space:]]}
  # bash splits words at = and :, and expects only the part behind.
  broken=\${COMP_WORDS[COMP_CWORD]}
  [[ $broken == '=' || $broken == ':' ]] && broken=''
  local around=\${typed%"$broken"}
  COMPREPLY=()
  while IFS=$'\t' read -r one text; do
    if [[ $one == '@files' ]]; then
      compopt -o default
      return
    fi
    COMPREPLY+=("\${one#"$around"}")
  done < <(echo-trail completion choices --line "$line" 2>/dev/null)
  [[ \${#COMPREPLY[@]} == 1 && \${COMPREPLY[0]} == *= ]] && compopt -o nospace
}
complete -F _echo_trail_words echo-trail
`;

const zsh = `#compdef echo-trail
# echo-trail for zsh; put it to use with: source <(echo-trail completion zsh)
_echo_trail_words() {
  local -a lines values shown
  local one
  lines=("\${(@f)$(echo-trail completion choices -- "\${(@Q)words[2,CURRENT]}" 2>/dev/null)}")
  if [[ $lines[1] == '@files' ]]; then
    _files
    return
  fi
  for one in $lines; do
    [[ -z $one ]] && continue
    values+=("\${one%%$'\t'*}")
    shown+=("\${one/$'\t'/  -- }")
  done
  (( $#values )) || return 1
  if [[ $#values == 1 && $values[1] == *= ]]; then
    compadd -Q -S '' -d shown -U -a values
  else
    compadd -d shown -U -a values
  fi
}
compdef _echo_trail_words echo-trail
`;

const fish = `# echo-trail for fish; put it to use with: echo-trail completion fish | source
function __echo_trail_words
    set -l typed (commandline --tokenize --cut-at-cursor --current-process)
    set -l found (echo-trail completion choices -- $typed[2..] (commandline --current-token --cut-at-cursor) 2>/dev/null)
    if test "$found[1]" = '@files'
        __fish_complete_path (commandline --current-token --cut-at-cursor)
    else
        printf '%s\n' $found
    end
end
complete --command echo-trail --no-files --arguments '(__echo_trail_words)'
`;

const powershell = `# echo-trail for PowerShell; put it to use with: echo-trail completion powershell | Out-String | Invoke-Expression
Register-ArgumentCompleter -Native -CommandName echo-trail -ScriptBlock {
    param($word, $command, $position)
    $line = $command.ToString().Substring(0, [Math]::Min($position, $command.ToString().Length))
    if ($word -eq '') { $line = "$line " }
    echo-trail completion choices --line "$line" 2>$null | ForEach-Object {
        $text, $about = $_ -split "\`t", 2
        if ($text -ne '@files') {
            [System.Management.Automation.CompletionResult]::new($text, $text, 'ParameterValue', $(if ($about) { $about } else { $text }))
        }
    }
}
`;

export const completionScripts: ReadonlyMap<string, CompletionScript> = new Map(
  [
    { shell: 'bash', use: 'source <(echo-trail completion bash), in ~/.bashrc', text: bash },
    { shell: 'zsh', use: 'source <(echo-trail completion zsh), in ~/.zshrc behind compinit', text: zsh },
    { shell: 'fish', use: 'echo-trail completion fish > ~/.config/fish/completions/echo-trail.fish', text: fish },
    {
      shell: 'powershell',
      use: 'echo-trail completion powershell | Out-String | Invoke-Expression, in $PROFILE',
      text: powershell,
    },
  ].map((one) => [one.shell, one]),
);
