<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** What is demanded of the settings, by a brief or by somebody who says so: nothing outside is suggested. */
final readonly class SettingBounds
{
    /** What it may hold, in JSON. */
    public const KEYS = [
        'aperture', 'fNumber', 'time', 'exposureTime', 'iso', 'mode', 'support', 'flash', 'focalLength35',
    ];

    private const SAME = 2 ** (1 / 12);

    /**
     * @param  array{float, float}  $aperture  f-numbers, widest first
     * @param  array{float, float}  $time  s, shortest first
     * @param  array{float, float}  $iso
     * @param  list<ExposureMode>  $modes  none: any
     * @param  list<Support>  $supports  none: any
     * @param  bool  $allowsFlash  whether a flash may be used
     * @param  array{float, float}  $focalLength35  35 mm equivalents in mm, shortest first
     */
    public function __construct(
        public array $aperture = [0.0, INF],
        public array $time = [0.0, INF],
        public array $iso = [0.0, INF],
        public array $modes = [],
        public array $supports = [],
        public bool $allowsFlash = true,
        public array $focalLength35 = [0.0, INF],
    ) {
    }

    /**
     * Reads them from decoded JSON: "aperture", "time" and "iso" with "min" and "max", lists "mode" and "support",
     * "flash": ["none"].
     *
     * @throws InvalidFields naming what is wrong
     */
    public static function read(Fields $data): self
    {
        $range = fn (Fields $part): array => [
            $part->positiveOrNull('min') ?? 0.0,
            $part->positiveOrNull('max') ?? INF,
        ];

        // As records name them, too.
        $either = fn (string $one, string $other): Fields => $data->part($data->has($one) ? $one : $other);

        return new self(
            $range($either('aperture', 'fNumber')),
            $range($either('time', 'exposureTime')),
            $range($data->part('iso')),
            array_map(
                fn (string $name): ExposureMode => ExposureMode::tryFrom($name) ??
                    throw InvalidFields::expected($data->at('mode'), 'a list of modes', $name),
                $data->texts('mode'),
            ),
            array_map(
                fn (string $name): Support => Support::tryFrom($name) ??
                    throw InvalidFields::expected($data->at('support'), 'a list of supports', $name),
                $data->texts('support'),
            ),
            ! in_array('none', $data->texts('flash'), true),
            $range($data->part('focalLength35')),
        );
    }

    /** With no time shorter than this, in seconds. */
    public function notFasterThan(float $seconds): self
    {
        return new self(
            $this->aperture,
            [max($this->time[0], $seconds), max($this->time[1], $seconds)],
            $this->iso,
            $this->modes,
            $this->supports,
            $this->allowsFlash,
            $this->focalLength35,
        );
    }

    public function allowsSupport(Support $support): bool
    {
        return $this->supports === [] || in_array($support, $this->supports, true);
    }

    /**
     * What a suggestion does not keep to, in words.
     *
     * @return list<string>
     */
    public function missedBy(Suggestion $suggestion): array
    {
        $settings = $suggestion->exposure->settings;

        return array_keys(array_filter([
            'the aperture' => ! self::lies($settings->aperture->exact, $this->aperture),
            'the exposure time' => ! self::lies($settings->time->exact, $this->time),
            'the ISO' => ! self::lies($settings->iso->exact, $this->iso),
            'the mode' => $this->modes !== [] && ! in_array($suggestion->exposure->mode, $this->modes, true),
            'the support' => $suggestion->support !== null && ! $this->allowsSupport($suggestion->support),
            'no flash' => $suggestion->flash !== null && ! $this->allowsFlash,
        ]));
    }

    public function asksForLens(): bool
    {
        return $this->focalLength35 !== [0.0, INF];
    }

    /** The same, whatever lens there is. */
    public function ofAnyFocalLength(): self
    {
        return new self(
            $this->aperture,
            $this->time,
            $this->iso,
            $this->modes,
            $this->supports,
            $this->allowsFlash,
        );
    }

    public function isEmpty(): bool
    {
        return $this == new self();
    }

    /**
     * Engraved values are rounded: a twelfth of a stop is the same value.
     *
     * @param  array{float, float}  $range
     */
    private static function lies(float $value, array $range): bool
    {
        return $value >= $range[0] / self::SAME && $value <= $range[1] * self::SAME;
    }
}
