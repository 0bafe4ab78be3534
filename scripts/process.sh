# Which process is ours. Source it after lib.sh. A number alone is not believed: by the time it is read another program may have it.

# When a process began, as the system counts it; nothing where there is no such process.
began() { [ -r "/proc/$1/stat" ] && sed 's/.*) //' "/proc/$1/stat" 2>/dev/null | cut -d' ' -f20; }

# Notes our process in a file: its number, when it began, and a word of its command.
note_process() { echo "$2 $(began "$2") $3" > "$1"; }

# The number of the process that a file notes, if it is still that very one; fails where it is not.
noted_process() {
  local pid since word
  [ -f "$1" ] || return 1
  read -r pid since word < "$1" || return 1
  [[ "$pid" =~ ^[0-9]+$ ]] && [ -n "$since" ] && [ "$(began "$pid")" = "$since" ] || return 1
  tr '\0' ' ' < "/proc/$pid/cmdline" 2>/dev/null | grep -qF "$word" || return 1
  echo "$pid"
}

# Ends a noted process and waits until it is gone: it is asked first, and ended after so many seconds.
end_noted() {
  local file="$1" seconds="$2" pid
  if pid="$(noted_process "$file")"; then
    kill -TERM "$pid" 2>/dev/null || true
    for _ in $(seq 1 $((seconds * 4))); do noted_process "$file" >/dev/null || break; sleep 0.25; done
    noted_process "$file" >/dev/null && kill -KILL "$pid" 2>/dev/null
  fi
  rm -f "$file"
}
