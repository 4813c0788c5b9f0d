<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** A part of the exposure map that something speaks against. */
final readonly class MapZone
{
    /**
     * @param  string  $reason  stable name
     * @param  string  $label  for the map
     * @param  string  $why  the limit in a sentence
     * @param  bool  $bars  whether it rules settings out, or only costs something
     * @param  list<array{int, int}>  $cells  aperture step and time step, as on the map's axes
     */
    public function __construct(
        public string $reason,
        public string $label,
        public string $why,
        public bool $bars,
        public array $cells,
    ) {
    }

    /** @return array{reason: string, label: string, why: string, bars: bool, cells: list<array{int, int}>} */
    public function toArray(): array
    {
        return [
            'reason' => $this->reason,
            'label' => $this->label,
            'why' => $this->why,
            'bars' => $this->bars,
            'cells' => $this->cells,
        ];
    }
}
