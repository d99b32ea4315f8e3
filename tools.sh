# Shared by ./run and ./check; sourced, not run. Installs what is missing, by name, once.

say() { printf '%s\n' "rhexion: $*" >&2; }

# install_packages LAST: packages of packages.txt up to the comment line that holds LAST, or all.
install_packages() {
    wanted=$(awk -v last="$1" 'last != "" && index($0, last) { exit } /^[^#]/ { print }' packages.txt)
    missing=
    for package in $wanted; do
        dpkg-query -W -f '${Status}' "$package" 2>/dev/null | grep -q 'ok installed' ||
            missing="$missing $package"
    done
    [ -n "$missing" ] || return 0
    root=
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null || { say "as root, first: apt-get install$missing"; exit 1; }
        root=sudo
    fi
    say "installing Debian packages:$missing"
    # shellcheck disable=SC2086
    { $root apt-get update -qq &&
        $root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing; } >&2 ||
        { say "the packages could not be installed"; exit 1; }
}

# A runtime folder that Qt accepts, where the log-in gives none.
runtime_folder() {
    if [ -z "${XDG_RUNTIME_DIR:-}" ] || [ ! -d "$XDG_RUNTIME_DIR" ]; then
        # One folder of the build, not a new one a start: a kill leaves nothing behind.
        XDG_RUNTIME_DIR=$PWD/build/runtime
        mkdir -p "$XDG_RUNTIME_DIR" && chmod 700 "$XDG_RUNTIME_DIR" && export XDG_RUNTIME_DIR
    fi
}
