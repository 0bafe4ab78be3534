# What npm start needs, looked at before anything is made. Source it after lib.sh.

NODE_LEAST=20
DISK_LEAST_MB=500

# One sentence for the first thing that is missing.
preflight() {
  local major free
  major="$(node -p 'process.versions.node.split(".")[0]' 2>/dev/null || echo 0)"
  [ "$major" -ge "$NODE_LEAST" ] || { say "Upbeat Oven needs Node $NODE_LEAST or newer; this is ${major:-none}. Install it, then run npm start again."; exit 1; }
  mkdir -p "$STATE" 2>/dev/null && [ -w "$STATE" ] && [ -w "$ROOT" ] ||
    { say "Upbeat Oven cannot write into its folder. Move it to where you may write, or set OVEN_STATE to such a folder."; exit 1; }
  free="$(df -Pm "$STATE" | awk 'NR == 2 { print $4 }')"
  [ "$free" -ge "$DISK_LEAST_MB" ] || { say "Only $free MB are free on the disk; Upbeat Oven needs $DISK_LEAST_MB. Make room, then run npm start again."; exit 1; }
}
