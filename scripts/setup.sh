# Shared by ./start and ./test: Node and the npm packages of the lock file.
need_node() {
  if ! command -v node >/dev/null; then
    echo "Node is missing. Loyal Mane needs Node 20 (20.19 or newer): https://nodejs.org or your distribution." >&2
    exit 1
  fi
  if ! node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||(a===20&&b>=19)?0:1)'; then
    echo "Node $(node --version) is too old. Loyal Mane needs Node 20.19 or newer." >&2
    exit 1
  fi
}

# npm ci only when the lock file is not the one that was installed. Two that start at once wait for each other.
need_packages() {
  local stamp=node_modules/.loyal-mane-lock
  have_packages() { [ -f "$stamp" ] && cmp -s package-lock.json "$stamp"; }
  if have_packages; then return; fi
  mkdir -p .cache
  (
    flock 9
    if have_packages; then exit; fi
    echo "Installing npm packages from the lock file (once, one to three minutes)."
    npm ci --no-audit --no-fund --loglevel=error
    cp package-lock.json "$stamp"
  ) 9>.cache/packages.lock
}
