# unchanged STAMP: whether nothing of the front end is newer than the stamp (a folder is, once a file went out of it). Sourced by build.sh and check.sh.
unchanged() {
  [ -f "$1" ] && [ -z "$(find src public index.html openapi.json package-lock.json package.json ./*.sh ./*.ts ./*.mjs ./*.js \
    \( -path src/api/generated -o -path public/paper-fonts \) -prune -o -newer "$1" -print -quit 2>/dev/null)" ]
}
