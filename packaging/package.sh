#!/usr/bin/env bash
# package.sh JAR FOLDER: the application, a Java runtime of its own and a script that starts it, in one folder that needs nothing else of the
# machine than its C library and a shell.
set -euo pipefail
jar=$(realpath "$1"); out=$(realpath -m "$2")
command -v jlink >/dev/null || { echo "jlink is missing; it comes with a JDK." >&2; exit 1; }
rm -rf "$out"; mkdir -p "$out"
# what the application uses of Java; what is missing shows in try.sh
modules=java.base,java.desktop,java.instrument,java.logging,java.management,java.naming,java.net.http,java.rmi,java.scripting,java.security.jgss,java.sql,java.transaction.xa,java.xml,jdk.crypto.ec,jdk.unsupported,jdk.zipfs,jdk.localedata
jlink --add-modules "$modules" --include-locales en --strip-java-debug-attributes --no-header-files --no-man-pages --compress=2 --output "$out/runtime"
# nothing is drawn on a screen or played from here
rm -f "$out"/runtime/lib/lib{awt_xawt,splashscreen,jsound,jawt}.so
# the runtime of a distribution leans on libraries of that distribution: they go along, the C library does not
{ find "$out/runtime" -name '*.so' -o -path '*/bin/*' -type f; ls /usr/lib/*/libstdc++.so.6 /usr/lib/*/libgcc_s.so.1 2>/dev/null || true; } | while read -r file; do
  ldd "$file" 2>/dev/null | sed -n 's/.*=> \(\/[^ ]*\) .*/\1/p' || true
  case "$file" in *.so.*) echo "$file" ;; esac
done | sort -u | while read -r library; do
  case "$(basename "$library")" in
    libc.so*|libm.so*|libdl.so*|libpthread.so*|librt.so*|ld-linux*|libresolv.so*|libnss_*) ;;
    *) case "$library" in "$out"/*) ;; *) cp -nL "$library" "$out/runtime/lib/" ;; esac ;;
  esac
done
java -Djarmode=tools -jar "$jar" extract --destination "$out/app" >/dev/null
# of libraries for every kind of machine the one for this kind
machine=$(uname -m); [ "$machine" != arm64 ] || machine=aarch64
lib=$(ls "$out"/app/lib/sqlite-jdbc-*.jar)
others=$(unzip -Z1 "$lib" 'org/sqlite/native/*' 2>/dev/null | grep -v "/Linux/$machine/" || true)
# shellcheck disable=SC2086
[ -z "$others" ] || ! command -v zip >/dev/null || zip -qd "$lib" $others
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
for path in data file; do
  eval "value=\$$path"
  case "$value" in ''|/*) ;; *) eval "$path=\$PWD/\$value" ;; esac
done
java() {
  # the archive of classes knows the application by where it lies from here
  cd "$here/app"
  archive="$data/.start/app.jsa"
  if [ ! "$archive" -nt server-0.1.0-app.jar ] && [ -f start.jsa.gz ]; then
    mkdir -p "$data/.start"
    "$here/runtime/bin/java" -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -cp server-0.1.0-app.jar canthook.server.start.LayReady . "$archive" 2>/dev/null || rm -f "$archive"
  fi
  if [ "$archive" -nt server-0.1.0-app.jar ]; then
    shared="-XX:SharedArchiveFile=$archive -Xlog:cds=off -Xlog:cds+dynamic=off"
  else
    # a package that could not be laid ready: the first start takes longer, and the first stop a moment
    rm -f "$archive"; mkdir -p "$data/.start" && shared="-XX:ArchiveClassesAtExit=$archive -Xlog:cds=off -Xlog:cds+dynamic=off"
  fi
  # shellcheck disable=SC2086
  exec "$here/runtime/bin/java" -XX:+UseSerialGC -Xms96m -Xmx160m -Xmn72m -XX:-UsePerfData -XX:Tier4InvocationThreshold=200000 -XX:Tier4MinInvocationThreshold=100000 \
    -XX:Tier4CompileThreshold=400000 -XX:Tier4BackEdgeThreshold=400000 -Xshare:auto $shared \
    -Dspring.aot.enabled=true -Dspring.backgroundpreinitializer.ignore=true -Djava.awt.headless=true \
    -jar server-0.1.0-app.jar --canthook.data="$data" "$@"
}
tool() {
  cd "$here/app"
  exec "$here/runtime/bin/java" -jar server-0.1.0-app.jar --canthook.data="$data" "$@"
}
case "$command" in
  run) java --canthook.port="$port" ;;
  demo) java --canthook.port="$port" --canthook.demo=true ;;
  share) java --canthook.port="$port" --canthook.share=MARK ;;
  backup) tool --canthook.backup="$file" ;;
  restore) tool --canthook.restore="$file" $rest ;;
  *) echo "cant-hook run, demo, share, backup FILE or restore FILE; --port N, --data FOLDER" >&2; exit 1 ;;
esac
TEXT
chmod +x "$out/cant-hook"
# what every Java starts with, laid ready
"$out/runtime/bin/java" -Xshare:dump >/dev/null 2>&1 || true
# and what this application starts with: once through a start and what a page asks first, packed, and unpacked at the first start
(cd "$out/app" && find . -name '*.jar' -printf '%Ts %P\n' | sort -k 2) >"$out/app/times"
once=$(mktemp -d); trap 'rm -rf "$once"' EXIT
"$out/cant-hook" demo --port "${PACKAGE_PORT:-4396}" --data "$once/data" >"$once/says" 2>&1 & first=$!
for _ in $(seq 300); do grep -q "http://" "$once/says" && break; kill -0 $first 2>/dev/null || break; sleep 0.2; done
at=$(sed -n 's#.*http://127.0.0.1:\([0-9]*\).*#\1#p' "$once/says")
for page in /boxes /api/boxes /api/boxes/envelope-drawer /api/boxes/envelope-drawer/history /api/woods; do
  (exec 3<>"/dev/tcp/127.0.0.1/$at" && printf 'GET %s HTTP/1.0\r\nHost: 127.0.0.1:%s\r\n\r\n' "$page" "$at" >&3 && cat <&3 >/dev/null) 2>/dev/null || true
done
kill $first 2>/dev/null || true; wait $first 2>/dev/null || true
if [ -f "$once/data/.start/app.jsa" ]; then gzip -9 -n -c "$once/data/.start/app.jsa" >"$out/app/start.jsa.gz"
else echo "The archive of classes could not be made: the first start of this package takes longer." >&2; cat "$once/says" >&2; fi
