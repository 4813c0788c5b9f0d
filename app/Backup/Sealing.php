<?php

declare(strict_types=1);

namespace App\Backup;

/**
 * Files as they lie in a backup: as they are, or sealed with a key piece by piece (libsodium's secret stream,
 * XChaCha20-Poly1305), so that a change, a gap or an end too early is noticed.
 */
final readonly class Sealing
{
    private const PIECE = 1 << 16;

    private const BEGINNING = 'TPS1';

    public function __construct(private ?BackupKey $key)
    {
    }

    public function isSealed(): bool
    {
        return $this->key !== null;
    }

    /** @throws BackupFailed when there is no room */
    public function seal(string $from, string $to): void
    {
        if ($this->key === null) {
            copy($from, $to) ?: throw new BackupFailed('There is no room for the backup.');

            return;
        }
        [$in, $out] = self::open($from, $to);
        [$state, $header] = sodium_crypto_secretstream_xchacha20poly1305_init_push($this->key->bytes());
        self::write($out, self::BEGINNING.$header);
        do {
            $piece = (string) fread($in, self::PIECE);
            $isLast = feof($in);
            self::write($out, sodium_crypto_secretstream_xchacha20poly1305_push(
                $state,
                $piece,
                '',
                $isLast
                    ? SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL
                    : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE,
            ));
        } while (! $isLast);
        self::close($in, $out);
    }

    /** @throws BackupFailed when it is damaged, or sealed with another key */
    public function unseal(string $from, string $to): void
    {
        if ($this->key === null) {
            copy($from, $to) ?: throw new BackupFailed('There is no room to bring the backup back.');

            return;
        }
        [$in, $out] = self::open($from, $to);
        $header = substr(
            (string) fread($in, strlen(self::BEGINNING) + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES),
            strlen(self::BEGINNING),
        );
        if (strlen($header) !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES) {
            throw new BackupFailed('A file of the backup is damaged: its beginning is missing.');
        }
        $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($header, $this->key->bytes());
        do {
            $piece = stream_get_contents($in, self::PIECE + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES);
            $opened = $piece === false || $piece === ''
                ? false
                : sodium_crypto_secretstream_xchacha20poly1305_pull($state, $piece);
            if ($opened === false) {
                throw new BackupFailed('A file of the backup is damaged, or it was sealed with another key.');
            }
            self::write($out, $opened[0]);
        } while ($opened[1] !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);
        self::close($in, $out);
    }

    /** @return array{resource, resource} */
    private static function open(string $from, string $to): array
    {
        return [
            fopen($from, 'rb') ?: throw new BackupFailed('A file cannot be read.'),
            fopen($to, 'wb') ?: throw new BackupFailed('A file cannot be written.'),
        ];
    }

    /** @param  resource  $out */
    private static function write($out, string $bytes): void
    {
        if (fwrite($out, $bytes) !== strlen($bytes)) {
            throw new BackupFailed('There is no room for the backup.');
        }
    }

    /**
     * @param  resource  $in
     * @param  resource  $out
     */
    private static function close($in, $out): void
    {
        fclose($in);
        if (! fclose($out)) {
            throw new BackupFailed('There is no room for the backup.');
        }
    }
}
