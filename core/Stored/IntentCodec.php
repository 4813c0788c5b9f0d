<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\IntentFormat;
use TruePupil\Core\Json\Fields;

/**
 * What a picture was meant to show, in the open format of intents: metres, m/s, degrees, stops.
 *
 * @implements Codec<Intent>
 */
final class IntentCodec implements Codec
{
    /** Texts of version 0 that are numbers. */
    private const NUMBERS = ['subject', 'near', 'far', 'background', 'separation', 'sceneStops'];

    private const FLAGS = ['foliage', 'stars', 'sunStar', 'crossesLight', 'person'];

    public function version(): int
    {
        return 1;
    }

    /** @param  Intent  $value */
    public function encode(mixed $value): array
    {
        return IntentFormat::write($value);
    }

    public function decode(array $data): Intent
    {
        return IntentFormat::read(Fields::of($data));
    }

    /** Version 0 held the texts of the form. */
    public function upgrade(array $data, int $from): array
    {
        $text = fn (string $field): string => is_scalar($data[$field] ?? null) ? trim((string) $data[$field]) : '';
        $number = fn (string $field): ?float => is_numeric(str_replace(',', '.', $text($field)))
            ? (float) str_replace(',', '.', $text($field))
            : null;
        $intent = array_combine(self::NUMBERS, array_map($number, self::NUMBERS));
        if (preg_match('/^(∞|inf|infinity|horizon|the horizon)$/iu', $text('far')) === 1) {
            $intent['far'] = 'infinity';
        }
        foreach (self::FLAGS as $flag) {
            $intent[$flag] = filter_var($data[$flag] ?? false, FILTER_VALIDATE_BOOL) ?: null;
        }
        $intent['idea'] = $text('idea') ?: null;
        $intent['facing'] = $text('facing') ?: null;
        if ($text('want') !== '') {
            $intent['motion'] = array_filter(
                ['want' => $text('want'), 'speed' => $number('speed'), 'angle' => $number('angle')],
                fn (mixed $part): bool => $part !== null,
            );
        }

        return array_filter($intent, fn (mixed $part): bool => $part !== null);
    }
}
