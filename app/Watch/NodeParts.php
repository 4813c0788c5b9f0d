<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Storage;

/** What this node needs round it: cache, store, disk, mail, certificate. */
final readonly class NodeParts
{
    private const CONNECT_SECONDS = 2;

    /** From here on a node can take nothing in. */
    private const FULL_MEGABYTES = 50;

    private const CERTIFICATE_DAYS = 14;

    public function cache(): Part
    {
        $mark = bin2hex(random_bytes(8));
        Cache::put('watch:'.gethostname(), $mark, 60);

        return Cache::get('watch:'.gethostname()) === $mark
            ? Part::well('It keeps what it is given.')
            : Part::wrong('It does not keep what it is given.', isNeeded: true);
    }

    public function store(): Part
    {
        // A file that nobody has: whether it is there is asked, and answered.
        Storage::disk('pictures')->exists('originals/is-it-there');

        return Part::well('It answers.');
    }

    public function disk(): Part
    {
        $free = (int) ((float) @disk_free_space(storage_path()) / 1_000_000);
        $figures = ['free_megabytes' => $free];

        return match (true) {
            $free < self::FULL_MEGABYTES => Part::wrong('The disk is full: nothing can be taken in.', $figures, true),
            $free < (int) config('pupil.watch.free_megabytes') => Part::wrong(
                sprintf('Only %d MB are free.', $free),
                $figures,
            ),
            default => Part::well(sprintf('%.1f GB are free.', $free / 1000), $figures),
        };
    }

    public function mail(): Part
    {
        if (config('mail.default') !== 'smtp') {
            return Part::well('No mail is sent; it is written down (MAIL_HOST says where it could go).');
        }
        $where = [(string) config('mail.mailers.smtp.host'), (int) config('mail.mailers.smtp.port')];
        $socket = @fsockopen(...$where, timeout: self::CONNECT_SECONDS);
        if ($socket === false) {
            return Part::wrong('The mail server does not answer: mail waits in the queue.');
        }
        fclose($socket);

        return Part::well('The mail server answers.');
    }

    public function certificate(): ?Part
    {
        $path = (string) config('pupil.watch.certificate');
        if ($path === '') {
            return null;
        }
        $facts = openssl_x509_parse((string) @file_get_contents($path));
        if ($facts === false) {
            return Part::wrong('The certificate cannot be read.');
        }
        $days = (int) floor(now()->diffInDays(Carbon::createFromTimestamp($facts['validTo_time_t'])));
        $figures = ['days' => $days];

        return match (true) {
            $days < 0 => Part::wrong('The certificate has expired: browsers turn people away.', $figures),
            $days < self::CERTIFICATE_DAYS => Part::wrong(
                sprintf('The certificate expires in %d days.', $days),
                $figures,
            ),
            default => Part::well(sprintf('The certificate counts for %d days.', $days), $figures),
        };
    }
}
