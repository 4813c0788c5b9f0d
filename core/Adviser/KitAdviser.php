<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;

/**
 * Works out what a photographer would set: with the light that there is, and with the flash of the kit where that is
 * too little or too hard. Exhaustive and deterministic.
 */
final class KitAdviser
{
    /** More would be a list to choose from, and no advice. */
    private const OFFERED = 3;

    public static function advise(AdviceRequest $request): Advice
    {
        $search = new Search($request);
        $wording = new Wording($request);
        $picked = self::ownersChoices($request, (new Alternatives($search, $wording))->pick());
        $flash = (new FlashAdvice($request))->find($picked['best'] ?? null);
        $impossible = $picked === [] && $flash === null ? (new Remedies($request, $search))->find() : null;
        // Beside a flash there is always a way without it, also where that misses something.
        $candidates = $picked === [] ? (new NearestMiss($request, $search))->candidates() : $picked;
        $first = $flash->candidate ?? reset($candidates);
        $suggestions = $flash === null ? [] : [self::withFlash($request, $flash)];
        $best = reset($candidates);
        foreach ($candidates as $kind => $candidate) {
            $suggestions[] = self::suggestion(
                $request,
                $wording,
                (string) $kind,
                $candidate,
                $candidate === $best ? null : $best,
            );
        }
        $suggestions = array_slice($suggestions, 0, self::OFFERED);

        return new Advice(
            $suggestions,
            $impossible,
            // Where an app chooses, there is no cell that anybody could take.
            $first === false || ! $request->kit->body->setsTime ? null : self::map($request, $first, $suggestions),
            $first === false ? [] : Ladder::of($request, $first),
        );
    }

    /**
     * Where a program chooses time and ISO, other values of them are no choice of anybody's.
     *
     * @param  array<string, Candidate>  $picked  by kind
     * @return array<string, Candidate>
     */
    private static function ownersChoices(AdviceRequest $request, array $picked): array
    {
        return $request->kit->body->setsTime
            ? $picked
            : array_intersect_key($picked, array_flip(['best', 'other-lens', 'support', 'other-support']));
    }

    /** The suggestion that a candidate comes to, alone. */
    public static function answer(AdviceRequest $request, Candidate $candidate, ?FlashCandidate $flash): Suggestion
    {
        return $flash === null
            ? self::suggestion($request, new Wording($request), 'best', $candidate, null)
            : self::withFlash($request, $flash);
    }

    private static function withFlash(AdviceRequest $request, FlashCandidate $flash): Suggestion
    {
        $candidate = $flash->candidate;
        $settings = $candidate->settings($request->kit->body->limits->increment);

        return new Suggestion(
            'flash',
            FlashWords::title($request, $flash, $settings),
            new SuggestedExposure($settings, SuggestedMode::of($request, $candidate, true), null, $candidate->filter),
            self::lens($candidate),
            $candidate->support,
            new SuggestedEffect(FlashWords::gains($flash), FlashWords::costs($flash)),
            $flash->flash,
        );
    }

    /** @param  Candidate|false|null  $first  what it is compared with; null for the first itself */
    private static function suggestion(
        AdviceRequest $request,
        Wording $wording,
        string $kind,
        Candidate $candidate,
        Candidate|false|null $first,
    ): Suggestion {
        $metered = $candidate->settings($request->kit->body->limits->increment);
        $settings = self::onFilm($request, $metered);
        $compared = $first instanceof Candidate && $candidate->meets();
        $mode = SuggestedMode::of($request, $candidate);
        $series = SeriesAdvice::of($request, $candidate);

        return new Suggestion(
            kind: $candidate->meets() ? $kind : 'nearest',
            title: ActionTitle::of($request, $candidate, $settings, $candidate->meets() ? $kind : 'nearest', $series),
            exposure: new SuggestedExposure(
                settings: $settings,
                mode: $mode,
                compensation: $request->placed !== null && $mode->takesCompensation() ? $request->placed->value : null,
                filterStops: $candidate->filter,
            ),
            lens: self::lens($candidate),
            support: $candidate->support,
            effect: new SuggestedEffect(
                gains: array_values(
                    array_unique([
                        ...$compared ? $wording->gainsOver($candidate, $first) : [],
                        ...$wording->gains($candidate),
                    ]),
                ),
                costs: array_values(
                    array_unique([
                        ...$compared ? $wording->costsAgainst($candidate, $first) : [],
                        ...$wording->costs($candidate),
                        ...$settings->time->exact > $metered->time->exact
                            ? [sprintf('%s metered become %s: the film tires', $metered->time, $settings->time)]
                            : [],
                    ]),
                ),
                meets: $candidate->meets(),
            ),
            series: $series,
        );
    }

    private static function lens(Candidate $candidate): SuggestedLens
    {
        return new SuggestedLens(
            name: $candidate->choice->lens->name,
            focalLength: $candidate->choice->focalLength,
            focusDistance: $candidate->demands->focus,
            widestFNumber: $candidate->choice->lens->widestAt($candidate->choice->focalLength)->nominal(),
        );
    }

    /** Beyond a second a film needs longer than the meter says (reciprocity). */
    private static function onFilm(AdviceRequest $request, ExposureSettings $settings): ExposureSettings
    {
        $film = $request->kit->film;

        return $film === null || $settings->time->exact <= 1.0
            ? $settings
            : $settings->withTime(ExposureTime::noShorterThan($film->correctedTime($settings->time->recorded)));
    }

    /** @param  list<Suggestion>  $suggestions */
    private static function map(AdviceRequest $request, Candidate $first, array $suggestions): ExposureMap
    {
        $increment = $request->kit->body->limits->increment;
        $points = [];
        foreach ($suggestions as $index => $suggestion) {
            $points[] = MapPoint::of('suggestion', (string) ($index + 1), $suggestion->exposure->settings, $increment);
        }

        return ExposureMap::of(
            $request,
            new Setup($first->choice, $first->demands, $first->support, $first->filter),
            $points,
        );
    }
}
