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
    /**
     * @param  array{float, float}  $aperture  f-numbers, widest first
     * @param  array{float, float}  $time  s, shortest first
     * @param  array{float, float}  $iso
     * @param  list<ExposureMode>  $modes  none: any
     * @param  list<Support>  $supports  none: any
     * @param  bool  $allowsFlash  whether a flash may be used
     */
    public function __construct(
        public array $aperture = [0.0, INF],
        public array $time = [0.0, INF],
        public array $iso = [0.0, INF],
        public array $modes = [],
        public array $supports = [],
        public bool $allowsFlash = true,
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

        return new self(
            $range($data->part('aperture')),
            $range($data->part('time')),
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
        );
    }

    public function allowsSupport(Support $support): bool
    {
        return $this->supports === [] || in_array($support, $this->supports, true);
    }

    public function isEmpty(): bool
    {
        return $this == new self();
    }
}
