<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Critique\SuggestionEdit;
use App\Models\Frame;
use App\View\Drawings\ExposureMapDrawing;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Critique\EditedSuggestion;
use TruePupil\Core\Critique\FollowingValue;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\KeptSharp;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;

/** A suggestion as it is changed at the desk: the dials, what follows, what comes of it. */
final readonly class SuggestionForm
{
    /** Neutral-density filters as they are sold, stops; those of the kit come on top. */
    private const FILTERS = [0, 1, 2, 3, 6, 10];

    public function __construct(public Frame $frame, public SuggestionEdit $edit, private EditedSuggestion $edited)
    {
    }

    public function suggestion(): Suggestion
    {
        return $this->edited->suggestion;
    }

    /** @return ?array{at: int, says: string} how much of the subject is sharp; null where nobody can say */
    public function kept(): ?array
    {
        $at = $this->edit->situation->focusDistance() === null ? null : $this->edit->keeps();

        return $at === null ? null : ['at' => $at, 'says' => KeptSharp::cases()[$at]->label()];
    }

    /** @return list<string> */
    public function held(): array
    {
        return $this->edited->held;
    }

    public function map(): ?ExposureMapDrawing
    {
        return ExposureMapDrawing::of($this->edited->map);
    }

    /** @return array<string, array{label: string, options: array<int|string, string>, value: string}> by field */
    public function dials(): array
    {
        $suggestion = $this->edited->suggestion;
        $settings = $suggestion->exposure->settings;
        $filters = array_unique([
            ...self::FILTERS,
            ...$this->edit->situation->kit->filters ?? [],
            $suggestion->exposure->filterStops,
        ]);
        sort($filters);
        $lenses = array_map(fn (Lens $lens): string => $lens->name, $this->edit->situation->kit->lenses ?? []);

        return array_filter([
            'n' => $this->dial('Aperture', array_map(Aperture::atStep(...), range(0, 33)), $settings->aperture),
            't' => $this->dial('Time', array_map(ExposureTime::atStep(...), range(-42, 18)), $settings->time),
            'iso' => $this->dial('ISO', array_map(Iso::atStep(...), range(-3, 30)), $settings->iso),
            'filter' => [
                'label' => 'Filter',
                'options' => array_combine(
                    array_map(strval(...), $filters),
                    array_map(
                        fn (float|int $stops): string => $stops > 0 ? Stops::of((float) $stops)->inWords() : 'none',
                        $filters,
                    ),
                ),
                'value' => (string) $suggestion->exposure->filterStops,
            ],
            'support' => [
                'label' => 'Support',
                'options' => array_combine(
                    array_column(Support::cases(), 'value'),
                    array_map(fn (Support $support): string => $support->label(), Support::cases()),
                ),
                'value' => (string) $suggestion->support?->value,
            ],
            'lens' => count($lenses) < 2
                    ? null
                    : [
                        'label' => 'Lens',
                        'options' => array_combine($lenses, $lenses),
                        'value' => (string) $suggestion->lens->name,
                    ],
        ]);
    }

    /** @return array<int|string, string> */
    public function followers(): array
    {
        return array_combine(
            array_column(FollowingValue::cases(), 'value'),
            array_map(fn (FollowingValue $follows): string => $follows->label(), FollowingValue::cases()),
        );
    }

    /**
     * @param  list<Aperture>|list<ExposureTime>|list<Iso>  $positions
     * @return array{label: string, options: array<int|string, string>, value: string}
     */
    private function dial(string $label, array $positions, Aperture|ExposureTime|Iso $set): array
    {
        $options = [];
        // A widest aperture may lie off the scale.
        $all = [...$positions, $set];
        usort($all, fn (Aperture|ExposureTime|Iso $a, Aperture|ExposureTime|Iso $b): int => $a->exact <=> $b->exact);
        foreach ($all as $position) {
            if ($position === $set || abs(log($position->exact / $set->exact, 2)) > 1e-3) {
                $options[(string) round($position->exact, 8)] = (string) $position;
            }
        }

        return ['label' => $label, 'options' => $options, 'value' => (string) round($set->exact, 8)];
    }
}
