<?php

declare(strict_types=1);

namespace App\Backup;

/** The key of an encrypted backup: 32 bytes in a file, as base64. Without it nothing of the backup can be read. */
final readonly class BackupKey
{
    private function __construct(private string $bytes)
    {
    }

    /** @throws BackupFailed when the file holds no key */
    public static function fromFile(string $path): self
    {
        $bytes = base64_decode(trim((string) @file_get_contents($path)), true);

        return is_string($bytes) && strlen($bytes) === SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES
            ? new self($bytes)
            : throw new BackupFailed(sprintf('"%s" holds no key of a backup.', $path));
    }

    /** A new one, as it stands in a file. */
    public static function fresh(): string
    {
        return base64_encode(sodium_crypto_secretstream_xchacha20poly1305_keygen())."\n";
    }

    /**
     * Writes a new one that nobody but its owner can read.
     *
     * @throws BackupFailed where the file is there already or its folder is not for this user to write
     */
    public static function create(string $path): void
    {
        if (file_exists($path)) {
            throw new BackupFailed(sprintf('"%s" is there already and is not overwritten.', $path));
        }
        $mask = umask(0077);
        try {
            if (@file_put_contents($path, self::fresh()) === false) {
                throw new BackupFailed(sprintf(
                    '"%s" cannot be written by this user. --new-key=- prints a key, for whoever may write it there.',
                    $path,
                ));
            }
        } finally {
            umask($mask);
        }
    }

    public function bytes(): string
    {
        return $this->bytes;
    }

    /** Tells two keys apart without telling either. */
    public function mark(): string
    {
        return bin2hex(sodium_crypto_generichash('true-pupil-backup', $this->bytes, 16));
    }
}
