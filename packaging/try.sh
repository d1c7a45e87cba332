#!/usr/bin/env bash
# try.sh FOLDER: runs the packaged application in a bare root file system, with neither Java nor Node nor any library but the C library, and asks
# it for what uses the parts a trimmed runtime may lack: the file of the shop, a paper with lettering, the solver's library, HTTPS.
set -euo pipefail
package="$1"; root=$(mktemp -d); port=${2:-4397}
trap 'kill $first 2>/dev/null || true; wait 2>/dev/null || true; umount "$root/proc" 2>/dev/null || true; rm -rf "$root"' EXIT
first=
mkdir -p "$root"/{bin,dev,proc,tmp,opt,data,etc}
cp -a "$package" "$root/opt/cant-hook"
for tool in sh dirname mkdir rm; do
  file=$(readlink -f "$(command -v $tool)"); cp "$file" "$root/bin/$tool"
  ldd "$file" | sed -n 's/[^/]*\(\/[^ ]*\) (0x.*/\1/p' | while read -r l; do mkdir -p "$root$(dirname "$l")"; cp -nL "$l" "$root$l"; done
done
# the C library and its parts
for name in libm.so.6 libdl.so.2 libpthread.so.0 librt.so.1 libresolv.so.2; do
  for file in /lib/*/"$name" /usr/lib/*/"$name"; do [ -e "$file" ] && { mkdir -p "$root$(dirname "$file")"; cp -nL "$file" "$root$file"; }; done
done
for node in "null 1 3" "zero 1 5" "random 1 8" "urandom 1 9"; do set -- $node; mknod -m 666 "$root/dev/$1" c "$2" "$3" 2>/dev/null || { echo "No bare root can be made here: the package was not tried."; exit 0; }; done
mount -t proc proc "$root/proc" 2>/dev/null || echo "(without /proc)"
[ -z "$(find "$root/bin" "$root/usr" -name 'java*' -o -name 'node*' 2>/dev/null)" ] || { echo "the bare root has Java or Node" >&2; exit 1; }
bare=$(PATH="$PATH:/usr/sbin:/sbin" command -v chroot) || { echo "chroot is missing" >&2; exit 1; }
"$bare" "$root" /bin/sh -c : 2>/dev/null || { echo "No bare root can be entered here: the package was not tried."; exit 0; }
# start COMMAND DATA
start() {
  local began; began=$(date +%s%N)
  env -i PATH=/bin HOME=/data TMPDIR=/tmp "$bare" "$root" /bin/sh /opt/cant-hook/cant-hook "$1" --port "$port" --data "/data/$2" >"$root/tmp/says" 2>&1 & first=$!
  took=0
  until grep -q "http://" "$root/tmp/says"; do
    kill -0 $first 2>/dev/null || { cat "$root/tmp/says" >&2; exit 1; }
    [ "$took" -lt 180000 ] || { echo "It did not start within three minutes." >&2; cat "$root/tmp/says" >&2; exit 1; }
    sleep 0.05; took=$(( ($(date +%s%N) - began) / 1000000 ))
  done
  took=$(( ($(date +%s%N) - began) / 1000000 ))
}
stop() { kill $first 2>/dev/null || true; wait $first 2>/dev/null || true; }
start run new; firstTook=$took
[ -f "$root/data/new/.start/app.jsa" ] || { echo "the archive of classes was not laid ready" >&2; exit 1; }
# classes that come out of the archive are mapped, not read: the process has it among its files
grep -q app.jsa "/proc/$first/maps" 2>/dev/null || [ ! -r "/proc/$first/maps" ] || { echo "the archive of classes is not taken" >&2; exit 1; }
stop; start demo shop
# ask WHAT PATH HOW-IT-BEGINS
ask() {
  local body; body=$(mktemp)
  (exec 3<>"/dev/tcp/127.0.0.1/$port" && printf 'GET %s HTTP/1.0\r\nHost: 127.0.0.1:%s\r\n\r\n' "$2" "$port" >&3 && cat <&3 >"$body")
  head -c 400 "$body" | head -n 1 | grep -q " 200" || { echo "$1 did not come: $(head -c 300 "$body")" >&2; cat "$root/tmp/says" >&2; exit 1; }
  grep -aq "$3" "$body" || { echo "$1 is not what it should be" >&2; exit 1; }
  rm -f "$body"
}
ask "the page" /boxes "<title>Cant Hook"
ask "the shelf" /api/boxes envelope-drawer
ask "the papers" /api/boxes/germination-box/papers.pdf "%PDF"
ask "a picture of a paper" /api/boxes/envelope-drawer/papers/run-sheet/1.png "PNG"
ask "the calendar" /api/calendar.ics "BEGIN:VCALENDAR"
# stopped as by Ctrl C, and begun again
stop; start demo shop
ask "the shelf after a restart" /api/boxes envelope-drawer
echo "Started the first time in ${firstTook} ms, then in ${took} ms in a bare root; $(du -sm "$package" | cut -f1) MB."
[ "$firstTook" -le "${CANTHOOK_START_MS:-4000}" ] && [ "$took" -le "${CANTHOOK_START_MS:-4000}" ] || { echo "It took longer than it may." >&2; exit 1; }
[ "$(du -sm "$package" | cut -f1)" -lt 200 ] || { echo "It is larger than 200 MB." >&2; exit 1; }
