# Shared by bin/demo and bin/test: finds the project and installs its packages when they changed.
set -euo pipefail
exec </dev/null
cd "$(dirname "${BASH_SOURCE[0]}")/.."

stop() {
  echo "still box: $*" >&2
  exit 1
}

need_node() {
  command -v node >/dev/null || stop "Node.js 20.19 or newer is needed; it is not installed."
  command -v npm >/dev/null || stop "npm is needed; it comes with Node.js."
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' ||
    stop "Node.js 20.19 or newer is needed; this is $(node --version)."
}

# Installs only when package-lock.json differs from what was installed last.
install_packages() {
  local want
  want=$(node -e 'const c=require("crypto"),f=require("fs");process.stdout.write(c.createHash("sha256").update(f.readFileSync("package-lock.json")).digest("hex"))')
  if [ "$(cat node_modules/.still-box-lock 2>/dev/null || true)" != "$want" ]; then
    echo "Installing packages (once) ..."
    # Not `npm ci`: it refuses a lock file that leaves out other systems' builds of optional packages. The versions come
    # from package-lock.json all the same, and --no-save leaves that file as it is.
    npm install --no-save --no-audit --no-fund --loglevel=error || stop "the packages could not be installed; is the npm registry reachable?"
    printf '%s' "$want" >node_modules/.still-box-lock
  fi
}

# Everything that decides what a build looks like, as one sum.
source_sum() {
  node scripts/source-sum.mjs
}

build_if_needed() {
  local want
  want=$(source_sum)
  if [ "$(cat build/.still-box-sum 2>/dev/null || true)" != "$want" ]; then
    echo "Building ..."
    npm run --silent build >build.log 2>&1 || { tail -n 40 build.log >&2; stop "the build failed; see build.log."; }
    printf '%s' "$want" >build/.still-box-sum
  fi
}
