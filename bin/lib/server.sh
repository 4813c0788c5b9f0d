# shellcheck shell=bash
# Shared by bin/install and bin/upgrade: an installation on a server, in the usual folders of Debian.

HOME_FOLDER=/opt/true-pupil
DATA=/var/lib/true-pupil
LOGS=/var/log/true-pupil
SETTINGS=/etc/true-pupil
BACKUPS=/var/backups/true-pupil

need_root() { [ "$(id -u)" = 0 ] || die "this must run as root."; }

systemd_runs() { [ -d /run/systemd/system ]; }

# copy_program FOLDER OPTION...: this folder without what belongs to this copy of it
copy_program() {
    local to=$1; shift
    tar -c --exclude=./var --exclude=./.git --exclude=./tests "${@:---exclude=./vendor}" . | tar -x -C "$to" --no-same-owner
}

# check_bundle: whether this folder is what bin/bundle packed, every file of it
check_bundle() {
    local wrong more
    wrong=$(sha256sum --quiet -c BUNDLE 2>/dev/null | sed 's/: [A-Z ]*$//' | head -n 3 | paste -sd ' ')
    [ -z "$wrong" ] || die "this is not what was packed: $wrong. Nothing was changed."
    more=$(comm -13 <(sed 's/^[0-9a-f]*  //' BUNDLE | LC_ALL=C sort) \
        <(find . -path ./var -prune -o -type f ! -path ./BUNDLE -print | LC_ALL=C sort) | head -n 3 | paste -sd ' ')
    [ -z "$more" ] || die "this was not packed with it: $more. Nothing was changed."
}

# place_release: a copy of this folder under releases/, with its libraries; sets RELEASE
place_release() {
    RELEASE=$HOME_FOLDER/releases/$(cat VERSION)-$(date -u +%Y%m%d%H%M%S)
    # A bundle brings its libraries.
    local bundled=()
    [ ! -f BUNDLE ] || { check_bundle; bundled=(--exclude=./BUNDLE); }
    mkdir -p "$RELEASE"
    copy_program "$RELEASE" "${bundled[@]}" \
        || die "the program could not be copied to $RELEASE: is the disk full?"
    ( cd "$RELEASE" && mkdir -p bootstrap/cache && install_libraries serving ) || exit 1
    # What the framework finds out about its packages is written now: its own user may write nothing here.
    ( cd "$RELEASE" && PUPIL_VAR=$DATA PUPIL_SETTINGS=$SETTINGS php artisan package:discover --quiet ) || die "the program does not start; the lines above say why"
    chown -R root:root "$RELEASE"
    chmod -R go-w,a+rX "$RELEASE"
}

switch_to() { ln -sfn "$1" "$HOME_FOLDER/current.new" && mv -T "$HOME_FOLDER/current.new" "$HOME_FOLDER/current"; }

# The newest three stay.
drop_old_releases() {
    ls -1d "$HOME_FOLDER"/releases/* 2>/dev/null | sort -V | head -n -3 | while read -r old; do
        [ "$old" = "$(readlink -f "$HOME_FOLDER/current")" ] || rm -rf "$old"
    done
}

own() { sed -n "s/^$1=//p" "$SETTINGS/.env" | tail -n 1 | sed 's/^"\(.*\)"$/\1/'; }

artisan() { /usr/local/bin/true-pupil "$@"; }

# write_units WORKERS ROLES: units, web server, PHP, rotation; from the release that is current
write_units() {
    local workers=$1 roles=$2 url name port fpm_settings unit cores memory behind
    cores=$(nproc) memory=$(awk '/MemTotal/ {print int($2 / 1048576) + 1}' /proc/meminfo)
    url=$(own APP_URL) name=${url#*://} name=${name%%/*}
    port=443
    case $name in *:*) port=${name##*:} name=${name%:*} ;; esac
    mkdir -p "$SETTINGS/nginx/servers" /etc/systemd/system/true-pupil-.service.d
    install -m 644 deploy/systemd/hardening.conf /etc/systemd/system/true-pupil-.service.d/10-hardening.conf
    install -D -m 644 deploy/systemd/web-hardening.conf /etc/systemd/system/true-pupil-web.service.d/20-web-hardening.conf
    for unit in deploy/systemd/*.target deploy/systemd/*.timer deploy/systemd/*.service; do install -m 644 "$unit" /etc/systemd/system/; done
    fill deploy/systemd/true-pupil-pages.service.in FPM="$(fpm_program)" FLAGS="${FPM_SETTINGS[*]}" >/etc/systemd/system/true-pupil-pages.service
    # A worker takes half a gigabyte for the largest picture that is taken.
    fill deploy/systemd/true-pupil-worker.service.in WORKERS="$workers" WORKER_MEMORY="$((workers * 2 + 1))G" >/etc/systemd/system/true-pupil-worker.service
    fpm_settings=$(fill deploy/fpm-settings.in VAR="$DATA" TEMP="$DATA/nginx" LOG="$LOGS"; echo "env[PUPIL_SETTINGS] = $SETTINGS"; echo 'php_admin_flag[opcache.validate_timestamps] = off')
    # A page takes a third of a core for a twelfth of a second, and some fifty megabytes while it lasts.
    fill deploy/fpm.conf.in USER='' PRIORITY='' RUN=/run/true-pupil-pages LOG="$LOGS" PAGES="$(( cores * 4 < memory * 4 ? cores * 4 : memory * 4 ))" \
        PICTURES="$((cores + 1))" SIGNING="$((cores + 1))" SETTINGS="$fpm_settings" >"$SETTINGS/fpm.conf"
    fill deploy/nginx/headers.conf.in >"$SETTINGS/nginx/headers.conf"
    fill deploy/nginx/fastcgi.conf.in ROOT="$HOME_FOLDER/current" >"$SETTINGS/nginx/fastcgi.conf"
    fill deploy/nginx/nginx.conf.in USER='' PID=/run/true-pupil-web/nginx.pid RUN=/run/true-pupil-pages CONF="$SETTINGS/nginx" LOG="$LOGS" \
        TEMP="$DATA/nginx" ROOT="$HOME_FOLDER/current" ACCESS="$LOGS/access.log lines" COOKIE="$(own SESSION_COOKIE)" HOST='$http_host' \
        NAME="$name" >"$SETTINGS/nginx/nginx.conf"
    behind=$(own PUPIL_LISTEN)
    if [ -n "$behind" ]; then
        # A balancer ends TLS and comes here.
        rm -f "$SETTINGS/nginx/servers/redirect.conf"
        printf 'listen %s;\nserver_name %s;\n' "$behind" "$name" >"$SETTINGS/nginx/listen.conf"
    else
        fill deploy/nginx/tls.conf.in PORT="$port" NAME="$name" TLS="$SETTINGS/tls" >"$SETTINGS/nginx/listen.conf"
        [ -f /proc/net/if_inet6 ] || sed -i '/\[::\]/d' "$SETTINGS/nginx/listen.conf"
        fill deploy/nginx/redirect.conf.in NAME="$name" ACME="$DATA/acme" >"$SETTINGS/nginx/servers/redirect.conf"
        [ -f /proc/net/if_inet6 ] || sed -i '/\[::\]/d' "$SETTINGS/nginx/servers/redirect.conf"
    fi
    install -m 644 deploy/logrotate.conf /etc/logrotate.d/true-pupil
    install -m 755 deploy/true-pupil /usr/local/bin/true-pupil
    printf 'WORKERS=%s\nROLES=%s\n' "$workers" "$roles" >"$SETTINGS/node"
    systemd_runs && systemctl daemon-reload
    return 0
}

# The units of this node's roles.
units() {
    local role
    printf 'true-pupil.target true-pupil-settings.service'
    for role in ${1//,/ }; do
        case $role in
            web) printf ' true-pupil-pages.service true-pupil-web.service' ;;
            worker) printf ' true-pupil-worker.service' ;;
            scheduler) printf ' true-pupil-scheduler.service true-pupil-backup.timer true-pupil-alert.timer' ;;
        esac
    done
}

# ready [NEED]: whether this node answers and its parts are well, within a minute
ready() {
    local until=$((SECONDS + 60)) listen; listen=$(own PUPIL_LISTEN)
    while [ "$SECONDS" -lt "$until" ]; do
        timeout "$((until - SECONDS))" /usr/local/bin/true-pupil pupil:ready --quiet ${1:+--need="$1"} ${listen:+--at="http://$listen"} && return 0
        sleep 1
    done
    return 1
}
