<?php

declare(strict_types=1);

namespace TruePupil\Core\Stored;

use InvalidArgumentException;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Json\Fields;

/**
 * A finding with its evidence.
 *
 * @implements Codec<Finding>
 */
final class FindingCodec implements Codec
{
    public function version(): int
    {
        return 1;
    }

    /** @param  Finding  $value */
    public function encode(mixed $value): array
    {
        return $value->toArray();
    }

    public function decode(array $data): Finding
    {
        $fields = Fields::of($data);
        $suggestion = $data['suggestion'] ?? null;

        return new Finding(
            id: $fields->text('id'),
            topic: $fields->choice('topic', Topic::class) ??
                throw new InvalidArgumentException('A stored finding has a topic.'),
            severity: $fields->choice('severity', Severity::class) ??
                throw new InvalidArgumentException('A stored finding has a severity.'),
            sentence: $fields->text('sentence'),
            evidence: self::evidence(is_array($data['evidence'] ?? null) ? $data['evidence'] : []),
            source: self::textOf($fields->raw('source')),
            suggestion: is_array($suggestion) ? (new SuggestionCodec())->decode($suggestion) : null,
            otherView: $fields->textOrNull('otherView'),
            confidence: $fields->numberOrNull('confidence'),
            patch: is_array($data['patch'] ?? null) ? (new RegionCodec())->decode($data['patch']) : null,
        );
    }

    /** Version 0 had the same form. */
    public function upgrade(array $data, int $from): array
    {
        return $data;
    }

    /**
     * @param  array<mixed>  $stored  by name
     * @return list<Evidence>
     */
    private static function evidence(array $stored): array
    {
        $evidence = [];
        foreach ($stored as $name => $item) {
            $fields = Fields::of(is_array($item) ? $item : []);
            $evidence[] = new Evidence(
                (string) $name,
                self::numberOrText($fields->raw('value')) ?? '',
                self::textOf($fields->raw('unit')),
                self::numberOrText($fields->raw('limit')),
                $fields->numberOrNull('margin'),
                self::textOf($fields->raw('marginUnit')),
            );
        }

        return $evidence;
    }

    /** A text that may be empty. */
    private static function textOf(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    private static function numberOrText(mixed $value): float|string|null
    {
        return is_int($value) || is_float($value) ? (float) $value : (is_string($value) ? $value : null);
    }
}
