<?php

declare(strict_types=1);

namespace TruePupil\Core\Roll;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Film\Film;

/** A roll of film: what it is, what it is exposed and developed at, and where it is. */
final readonly class Roll
{
    /**
     * @param  ?string  $loaded  day on which it was loaded, as 2026-05-31
     * @param  ?string  $expires  month on the box, as 2026-05
     */
    public function __construct(
        public string $name,
        public Film $film,
        public int $frames = 36,
        public string $camera = '',
        public ?string $loaded = null,
        public ?string $expires = null,
        public RollStage $stage = RollStage::Loaded,
        public ?Mishap $mishap = null,
        public LabOrder $lab = new LabOrder(),
    ) {
    }

    /** The speed that all its frames are exposed at. */
    public function index(): Iso
    {
        return $this->film->ratedSpeed();
    }

    /** What is printed on the order: process, and how far beyond the usual. */
    public function development(): string
    {
        $process = LabOrder::PROCESSES[$this->lab->process ?? $this->film->kind->value];
        $pushed = $this->film->pushed;

        return match (true) {
            $pushed > 0 => sprintf('%s, pushed by %s', $process, Stops::of($pushed)->inWords()),
            $pushed < 0 => sprintf('%s, pulled by %s', $process, Stops::of(-$pushed)->inWords()),
            default => $process.', normal',
        };
    }

    /** How its speeds fit together; null where box, exposure and development are the same. */
    public function speedWords(): ?string
    {
        $more = $this->film->beyondDevelopment($this->index())->value;
        $age = $this->film->ageing();
        $words = array_filter([
            abs($more) < 0.05 ? null : sprintf(
                'Exposed at %s and developed for %s: every frame gets %s %s than it is developed for',
                $this->index(),
                $this->film->developedSpeed(),
                Stops::of(abs($more))->inWords(),
                $more > 0 ? 'more light' : 'less light',
            ),
            $age->value < 0.05 ? null : sprintf(
                '%s past its date it wants about %s more light',
                $this->film->yearsExpired < 1.5 ? 'A year' : round($this->film->yearsExpired).' years',
                $age->inWords(),
            ),
        ]);

        return $words === [] ? null : implode('. ', $words).'.';
    }
}
