# bash completion for rhexion-cli
_rhexion_cli()
{
    local cur=${COMP_WORDS[COMP_CWORD]} before=${COMP_WORDS[COMP_CWORD-1]}
    local commands="reckon sheet materials identify mould scent blend water working heat day solve parse formula text journal --help --version"
    local options=""
    COMPREPLY=()
    case ${COMP_WORDS[1]} in
    reckon) options="--all-cautions --answer --fittings --json --unit" ;;
    sheet) options="--answer --pdf --unit --working --day --large --pour-at" ;;
    materials | identify | blend | parse) options="--json" ;;
    mould) options="--mould --bars --cured --left --fittings --json" ;;
    scent) options="--fittings --journal --json" ;;
    water) options="--hardness --dose --json" ;;
    working) options="--journal --json" ;;
    heat) options="--fittings --journal --json" ;;
    day) options="--pour-at --within --fittings --json" ;;
    solve) options="--wish --offer --at-most --no-guards --json" ;;
    formula) options="--answer --output --force" ;;
    text) options="--markdown" ;;
    journal) options="--find --fittings --format --check --json" ;;
    esac
    if [ "$COMP_CWORD" -eq 1 ]; then
        mapfile -t COMPREPLY < <(compgen -W "$commands" -- "$cur")
    elif [ "$COMP_CWORD" -eq 2 ] && [ "${COMP_WORDS[1]}" = journal ]; then
        mapfile -t COMPREPLY < <(compgen -W "list show export compare due backup unpack server exchange" -- "$cur")
    elif [ "$COMP_CWORD" -eq 2 ] && [ "${COMP_WORDS[1]}" = heat ]; then
        mapfile -t COMPREPLY < <(compgen -W "jug meet mould cook" -- "$cur")
    elif [ "$before" = --unit ]; then
        mapfile -t COMPREPLY < <(compgen -W "g oz lb" -- "$cur")
    elif [ "$before" = --format ]; then
        mapfile -t COMPREPLY < <(compgen -W "csv events ics" -- "$cur")
    elif [ "${cur#-}" != "$cur" ]; then
        mapfile -t COMPREPLY < <(compgen -W "$options" -- "$cur")
    else
        compopt -o filenames
        mapfile -t COMPREPLY < <(compgen -f -- "$cur")
    fi
}
complete -F _rhexion_cli rhexion-cli
