# Shared by ./rally and ./test: finds the tools, installs what is missing, builds what is out of date.
# Sourced with the project's root as the working directory.

# Node's collector runs less often with more room for what is new: a third less time for types and ESLint.
export NODE_OPTIONS="${NODE_OPTIONS:-} --max-semi-space-size=128"

say() { printf '%s\n' "$*"; }
stop() { printf '%s\n' "$*" >&2; exit 2; }

quietly() { # quietly WHAT COMMAND...: runs it, and shows what it said only if it fails
  local what=$1 log
  shift
  log=$(mktemp)
  if ! "$@" >"$log" 2>&1; then
    tail -n 40 "$log" >&2
    stop "$what did not work; above is what it said." \
      "If it is about the network or space on the disk, fix that and start again."
  fi
  rm -f "$log"
}

need_dotnet() {
  command -v dotnet >/dev/null || stop "The .NET SDK 10 is not on this computer. Install it, then start again."
  dotnet --version >/dev/null 2>&1 || stop "The .NET SDK here is not version 10. Install .NET SDK 10, then start again."
}

need_tools() {
  need_dotnet
  command -v node >/dev/null && command -v npm >/dev/null || stop "Node 20 with npm is not on this computer. Install it, then start again."
  [ "$(node -p 'Number(process.versions.node.split(".")[0])')" -ge 20 ] || stop "Node here is older than 20. Install Node 20 or newer, then start again."
}

need_space() { # need_space FOLDER
  local free
  mkdir -p "$1" 2>/dev/null && [ -w "$1" ] || stop "The folder $1 cannot be written to. Choose another one, or ask whoever looks after this computer."
  free=$(df -Pk "$1" | awk 'NR==2{print $4}')
  [ "$free" -ge 204800 ] || stop "The disk under $1 has less than 200 MB free. Make room, then start again."
}

# Each of these programs runs once, and most of its code a few times. Left out is what pays only in a program that runs
# long: gathering what would make the next run quicker; compiling well what has run 30 times (here 1,024 times, and then
# at once); and keeping what is being compiled apart from what runs. Together they take a third of the time.
once() {
  DOTNET_TieredPGO=0 DOTNET_TC_CallCountThreshold=0x400 DOTNET_TC_CallCountingDelayMs=0 \
    DOTNET_EnableWriteXorExecute=0 "$@"
}

install_front_end() { # install_front_end [--omit=dev]: with or without what only its tests need
  local there=web/node_modules/.package-lock.json tests=web/node_modules/vitest
  # Whoever has what tests need keeps it.
  if [ -d "$tests" ]; then set --; fi
  if [ ! -f "$there" ] || [ web/package-lock.json -nt "$there" ] || { [ $# -eq 0 ] && [ ! -d "$tests" ]; }; then
    say "Installing the front end's packages"
    quietly "Installing the front end's packages" npm ci --prefix web --no-audit --no-fund "$@"
    touch "$there"
  fi
}

build_front_end() {
  local page=src/PluckyRally.Web/wwwroot/index.html
  local made_of=(web/src web/public web/index.html web/*.ts web/package-lock.json)
  if [ ! -f "$page" ] || [ -n "$(find "${made_of[@]}" -newer "$page" ! -name openapi.json -print -quit)" ]; then
    say "Building the front end"
    quietly "Building the front end" npm run --prefix web build
  fi
}

build_project() { # build_project NAME WHAT: builds a project of src if anything below src is newer
  local dll=src/$1/bin/Release/net10.0/$1.dll
  if [ ! -f "$dll" ] || [ -n "$(find src Directory.*.props global.json \( -path '*/obj' -o -path '*/bin' -o -path '*/wwwroot' \) -prune -o -type f -newer "$dll" -print -quit)" ]; then
    say "Building $2" >&2
    # What the analyzers say is asked by ./test, which then builds again; the API's description is written there too.
    quietly "Building $2" once dotnet build "src/$1" -c Release -v quiet -nologo \
      -p:RunAnalyzers=false -p:OpenApiGenerateDocumentsOnBuild=false
    touch "$dll"
  fi
}

publish_to() { # publish_to FOLDER: the server with everything that it needs, for computers of this kind
  local kind
  case "$(uname -m)" in
    x86_64) kind=linux-x64 ;;
    aarch64) kind=linux-arm64 ;;
    *) stop "There is no .NET for this kind of computer: $(uname -m)." ;;
  esac
  say "Publishing"
  # The API's description is written when it is built for the tests.
  quietly "Publishing" once dotnet publish src/PluckyRally.Web -c Release -r "$kind" --self-contained true -o "$1" -v quiet \
    -nologo -p:Publishing=true -p:OpenApiGenerateDocumentsOnBuild=false
}
