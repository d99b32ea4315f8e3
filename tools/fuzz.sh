#!/bin/sh
# Builds the fuzz targets and runs each for so many seconds (60 if none are given), or so many times
# (10000000x); then says how many inputs each took. What is found stays in build/fuzz/found.
#   tools/fuzz.sh [seconds|runs"x"] [target ...]
set -eu
cd "$(dirname "$0")/.."
. ./tools.sh
install_packages ""
runtime_folder
limit=-max_total_time=${1:-60}
case ${1:-} in
*x) limit=-runs=${1%x} ;;
esac
[ $# -gt 0 ] && shift
[ $# -gt 0 ] || set -- formula catalogue csv phrase recipe shelf_row journal_row hid serial mishaps photos \
    backup fittings shelf_event
cmake --preset fuzz >/dev/null
for target in "$@"; do
    cmake --build build/fuzz --target "fuzz_$target" >"build/fuzz/build.log" || { cat build/fuzz/build.log; exit 1; }
done
mkdir -p build/fuzz/found build/fuzz/corpus
for target in "$@"; do
    mkdir -p "build/fuzz/corpus/$target"
    more=
    case $target in
    formula) more="data/demo tests/data" ;;
    recipe) more="tests/data/recipes" ;;
    esac
    # shellcheck disable=SC2086
    UBSAN_OPTIONS=halt_on_error=1 build/fuzz/bin/fuzz_"$target" "$limit" \
        -max_len=65536 -timeout=20 -rss_limit_mb=3000 -print_final_stats=1 -close_fd_mask=1 \
        -dict=tests/fuzz/words.dict -artifact_prefix="build/fuzz/found/$target-" \
        "build/fuzz/corpus/$target" "tests/fuzz/corpus/$target" $more 2>"build/fuzz/$target.log" ||
        { tail -40 "build/fuzz/$target.log"; exit 1; }
    printf '%s: %s inputs\n' "$target" \
        "$(sed -n 's/^stat::number_of_executed_units: *//p' "build/fuzz/$target.log")"
done
