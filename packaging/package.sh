#!/usr/bin/env bash
# package.sh JAR FOLDER: the application, a Java runtime of its own and a script that starts it, in one folder that needs nothing else of the
# machine than its C library and a shell.
set -euo pipefail
jar="$1"; out="$2"
command -v jlink >/dev/null || { echo "jlink is missing; it comes with a JDK." >&2; exit 1; }
rm -rf "$out"; mkdir -p "$out"
# what the application uses of Java; what is missing shows in try.sh
modules=java.base,java.desktop,java.instrument,java.logging,java.management,java.naming,java.net.http,java.rmi,java.scripting,java.security.jgss,java.sql,java.transaction.xa,java.xml,jdk.crypto.ec,jdk.unsupported,jdk.zipfs,jdk.localedata
jlink --add-modules "$modules" --include-locales en --strip-java-debug-attributes --no-header-files --no-man-pages --compress=2 --output "$out/runtime"
# the runtime of a distribution leans on libraries of that distribution: they go along, the C library does not
{ find "$out/runtime" -name '*.so' -o -path '*/bin/*' -type f; ls /usr/lib/*/libstdc++.so.6 /usr/lib/*/libgcc_s.so.1 2>/dev/null || true; } | while read -r file; do
  ldd "$file" 2>/dev/null | sed -n 's/.*=> \(\/[^ ]*\) .*/\1/p' || true
  case "$file" in *.so.*) echo "$file" ;; esac
done | sort -u | while read -r library; do
  case "$(basename "$library")" in
    libc.so*|libm.so*|libdl.so*|libpthread.so*|librt.so*|ld-linux*|libresolv.so*|libnss_*) ;;
    *) case "$library" in "$PWD/$out"/*|"$out"/*) ;; *) cp -nL "$library" "$out/runtime/lib/" ;; esac ;;
  esac
done
java -Djarmode=tools -jar "$jar" extract --destination "$out/app" >/dev/null
rm -f "$out/app/app.jsa"
cat > "$out/cant-hook" <<'TEXT'
#!/bin/sh
# Cant Hook: ./cant-hook [run|demo|share|backup FILE|restore FILE] [--port N] [--data FOLDER]
set -eu
here=$(CDPATH='' cd -- "$(dirname -- "$0")" && pwd)
export LD_LIBRARY_PATH="$here/runtime/lib${LD_LIBRARY_PATH:+:$LD_LIBRARY_PATH}"
export MALLOC_ARENA_MAX=2
command=run; [ $# -gt 0 ] && { command=$1; shift; }
file=
case "$command" in backup|restore) [ $# -gt 0 ] || { echo "Which file?" >&2; exit 1; }; file=$1; shift ;; esac
port=4177; data=${HOME:-.}/.cant-hook; rest=
while [ $# -gt 0 ]; do
  case "$1" in
    --port) port=$2; shift 2 ;;
    --data) data=$2; shift 2 ;;
    --yes) rest=--canthook.sure=true; shift ;;
    *) echo "'$1' is not known here." >&2; exit 1 ;;
  esac
done
archive="$here/app/app.jsa"; shared=
[ -f "$archive" ] && shared="-XX:SharedArchiveFile=$archive -Xlog:cds=off -Xlog:cds+dynamic=off"
java() {
  # shellcheck disable=SC2086
  exec "$here/runtime/bin/java" -XX:+UseSerialGC -Xmx160m -Xmn72m -XX:TieredStopAtLevel=4 -XX:-UsePerfData -Xshare:auto $shared \
    -Dspring.aot.enabled=true -Dspring.backgroundpreinitializer.ignore=true -Djava.awt.headless=true \
    -jar "$here/app/server-0.1.0-app.jar" --canthook.data="$data" "$@"
}
case "$command" in
  run) java --canthook.port="$port" ;;
  demo) java --canthook.port="$port" --canthook.demo=true ;;
  share) java --canthook.port="$port" --canthook.share=MARK ;;
  backup) java --canthook.backup="$file" ;;
  restore) java --canthook.restore="$file" $rest ;;
  *) echo "cant-hook run, demo, share, backup FILE or restore FILE; --port N, --data FOLDER" >&2; exit 1 ;;
esac
TEXT
chmod +x "$out/cant-hook"
# once through a start, so that the archive has the classes: with it the next start takes a third
"$out/runtime/bin/java" -Xshare:dump >/dev/null 2>&1 || true
tries=$(mktemp -d)
LD_LIBRARY_PATH="$out/runtime/lib" "$out/runtime/bin/java" -XX:+UseSerialGC -Xmx160m -Dspring.aot.enabled=true -Djava.awt.headless=true -XX:ArchiveClassesAtExit="$out/app/app.jsa" \
  -jar "$out/app/server-0.1.0-app.jar" --canthook.data="$tries/data" --canthook.port=0 --canthook.demo=true >"$tries/says" 2>&1 & first=$!
for _ in $(seq 300); do grep -q "http://" "$tries/says" && break; kill -0 $first 2>/dev/null || break; sleep 0.1; done
at=$(sed -n 's#.*http://127.0.0.1:\([0-9]*\).*#\1#p' "$tries/says")
for page in /boxes /api/boxes /api/boxes/envelope-drawer /api/woods; do
  (exec 3<>"/dev/tcp/127.0.0.1/${at:-0}" && printf 'GET %s HTTP/1.1\r\nHost: 127.0.0.1:%s\r\nConnection: close\r\n\r\n' "$page" "$at" >&3 && cat <&3 >/dev/null) 2>/dev/null || true
done
kill $first 2>/dev/null || true; wait $first 2>/dev/null || true
rm -rf "$tries"
