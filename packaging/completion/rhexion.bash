# bash completion for rhexion
_rhexion()
{
    local cur=${COMP_WORDS[COMP_CWORD]}
    COMPREPLY=()
    case $cur in
    -*) mapfile -t COMPREPLY < <(compgen -W "--help --help-all --version --demo --shots --dark --language" -- "$cur") ;;
    *)
        compopt -o filenames
        mapfile -t COMPREPLY < <(compgen -f -X '!*.rhexion' -- "$cur"; compgen -d -- "$cur")
        ;;
    esac
}
complete -F _rhexion rhexion
