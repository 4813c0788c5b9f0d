<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Film\Film;

/** What a person has at hand. */
final readonly class Kit
{
    /**
     * @param  list<Lens>  $lenses
     * @param  list<Support>  $supports  hands are always there
     * @param  list<float>  $filters  neutral-density filters, by the stops they take
     * @param  ?AutoIso  $autoIso  how automatic ISO is set up on the body
     *
     * @throws InvalidExposure
     */
    public function __construct(
        public Body $body,
        public array $lenses = [],
        public array $supports = [Support::Hand],
        public array $filters = [],
        public ?Flash $flash = null,
        public ?Film $film = null,
        public ?AutoIso $autoIso = null,
    ) {
        foreach ($filters as $stops) {
            InvalidExposure::unlessPositive('a filter\'s stops', $stops);
        }
    }

    /**
     * The same kit with its film's speed as the only ISO there is; itself where there is no film.
     *
     * @param  ?Iso  $exposureIndex  at which the roll is exposed; as the film is rated where nobody said
     */
    public function atFilmSpeed(?Iso $exposureIndex = null): self
    {
        if ($this->film === null) {
            return $this;
        }
        $speed = ($exposureIndex ?? $this->film->ratedSpeed())->exact;
        $limits = $this->body->limits;
        $body = new Body(
            $this->body->name,
            $this->body->format,
            new BodyLimits(
                $limits->fastest,
                $limits->slowest,
                $speed,
                $speed,
                $limits->flashSync,
                $speed,
                increment: $limits->increment,
                silentFastest: $limits->silentFastest,
            ),
            stabiliserStops: $this->body->stabiliserStops,
            kind: $this->body->kind,
        );

        return new self($body, $this->lenses, $this->supports, $this->filters, $this->flash, $this->film);
    }

    /**
     * The same kit with some of its things changed; null leaves them as they are.
     *
     * @param  ?list<Lens>  $lenses
     * @param  ?list<Support>  $supports
     * @param  ?list<float>  $filters
     */
    public function with(
        ?array $lenses = null,
        ?array $supports = null,
        ?array $filters = null,
        ?Film $film = null,
        ?Flash $flash = null,
    ): self {
        return new self(
            $this->body,
            $lenses ?? $this->lenses,
            $supports ?? $this->supports,
            $filters ?? $this->filters,
            $flash ?? $this->flash,
            $film ?? $this->film,
            $this->autoIso,
        );
    }

    /**
     * What the filters take, alone and screwed onto one another, in stops; nothing first. No more than two are stacked:
     * three darken the corners.
     *
     * @return list<float>
     */
    public function filterSums(): array
    {
        $sums = [0.0];
        foreach ($this->filters as $first => $stops) {
            $sums[] = $stops;
            foreach (array_slice($this->filters, $first + 1) as $more) {
                $sums[] = $stops + $more;
            }
        }
        $sums = array_values(array_unique($sums));
        sort($sums);

        return $sums;
    }

    /**
     * The filters that take so much together: none, one of the kit's, or two.
     *
     * @return list<float>
     */
    public function filtersFor(float $stops): array
    {
        $isIt = fn (float $sum): bool => abs($sum - $stops) < 1e-6;
        if ($isIt(0.0)) {
            return [];
        }
        foreach ($this->filters as $one) {
            if ($isIt($one)) {
                return [$one];
            }
        }
        foreach ($this->filters as $first => $one) {
            foreach (array_slice($this->filters, $first + 1) as $other) {
                if ($isIt($one + $other)) {
                    return [$one, $other];
                }
            }
        }

        return [$stops];
    }

    /** @return list<Lens> that reach a focal length, the fastest first */
    public function lensesAt(float $focalLength): array
    {
        $lenses = array_filter($this->lenses, fn (Lens $lens): bool => $lens->covers($focalLength));
        usort(
            $lenses,
            fn (Lens $a, Lens $b): int => $a->widestAt($focalLength)->exact <=> $b->widestAt($focalLength)->exact,
        );

        return $lenses;
    }

    public function lensNamed(?string $name): ?Lens
    {
        foreach ($this->lenses as $lens) {
            if ($lens->name === $name) {
                return $lens;
            }
        }

        return null;
    }
}
