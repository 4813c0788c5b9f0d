<?php

declare(strict_types=1);

namespace App\Retention;

/** Where what is kept of people lies, and who else it passes through, as this installation is set up. */
final class WhereItLies
{
    /** @return list<string> sentences */
    public static function sentences(): array
    {
        $store = self::store();
        $mail = config('mail.default') === 'smtp' ? (string) config('mail.mailers.smtp.host') : null;
        $others = array_filter([
            $mail === null ? null : sprintf('Mail to you passes through the mail server %s', $mail),
            str_starts_with((string) config('pupil.backup.target'), 's3:')
                ? sprintf(
                    'Backups lie in a store of files%s, %s',
                    $store === null ? '' : ' at '.$store,
                    config('pupil.backup.key') === null ? 'not sealed' : 'sealed before they leave',
                )
                : null,
        ]);

        return [
            self::isRemote()
                ? sprintf('What you write lies on the machines of this installation, pictures in the store of files%s.',
                    $store === null ? '' : ' at '.$store)
                : 'Everything lies on the machines of this installation.',
            ...array_map(fn (string $other): string => $other.'.', array_values($others)),
            self::isRemote() || $others !== []
                ? 'Nothing else is sent to anybody, and pictures are measured here.'
                : 'Nothing is sent to anybody else, and pictures are measured here.',
            'Backups are made by whoever runs the installation, who can say where they lie and how long they are kept.',
        ];
    }

    private static function isRemote(): bool
    {
        return config('filesystems.disks.pictures.driver') === 's3';
    }

    /** The name of the machine that the store answers at. */
    private static function store(): ?string
    {
        $host = parse_url((string) config('filesystems.s3.endpoint'), PHP_URL_HOST);

        return is_string($host) ? $host : null;
    }
}
