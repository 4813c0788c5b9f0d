<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use InvalidArgumentException;
use Throwable;

/** What is stored of a value: its data, with the version of the form that they are in. */
final class Envelope
{
    private const VERSION = 'storedVersion';

    private const DATA = 'data';

    /**
     * @template T
     *
     * @param  Codec<T>  $codec
     * @param  T  $value
     * @return array{storedVersion: int, data: array<mixed>}
     */
    public static function seal(Codec $codec, mixed $value): array
    {
        return [self::VERSION => $codec->version(), self::DATA => $codec->encode($value)];
    }

    /**
     * @template T
     *
     * @param  Codec<T>  $codec
     * @param  array<mixed>  $stored  an envelope, or bare data from before there were envelopes
     * @return T
     *
     * @throws InvalidArgumentException when the data are damaged, or of a version newer than this program
     */
    public static function open(Codec $codec, array $stored): mixed
    {
        $isEnvelope = is_int($stored[self::VERSION] ?? null) && is_array($stored[self::DATA] ?? null);
        [$version, $data] = $isEnvelope ? [$stored[self::VERSION], $stored[self::DATA]] : [0, $stored];
        if ($version > $codec->version()) {
            throw new InvalidArgumentException(
                sprintf('The stored form %d is newer than %d, which this program reads.', $version, $codec->version()),
            );
        }
        try {
            return $codec->decode($version < $codec->version() ? $codec->upgrade($data, $version) : $data);
        } catch (InvalidArgumentException $problem) {
            throw $problem;
        } catch (Throwable $problem) {
            // Damaged data fail in many ways; to whoever reads them it is one failure.
            throw new InvalidArgumentException(
                'The stored data cannot be read: '.$problem->getMessage(),
                0,
                $problem,
            );
        }
    }
}
