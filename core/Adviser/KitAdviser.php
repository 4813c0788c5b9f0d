<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Approach\Start;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;

/** Works out the best settings that a kit offers for a light and an intent. Exhaustive and deterministic. */
final class KitAdviser
{
    /** From here on a person sets everything by hand: no camera times through a strong filter well. */
    private const STRONG_FILTER = 6.0;

    public static function advise(AdviceRequest $request): Advice
    {
        $search = new Search($request);
        $wording = new Wording($request);
        $picked = (new Alternatives($search, $wording))->pick();
        $impossible = $picked === [] ? (new Remedies($request, $search))->find() : null;
        $candidates = $picked === [] ? (new NearestMiss($request, $search))->candidates() : $picked;
        $suggestions = [];
        foreach ($candidates as $kind => $candidate) {
            $suggestions[] = self::suggestion(
                $request,
                $wording,
                (string) $kind,
                $candidate,
                $suggestions === [] ? null : reset($candidates),
            );
        }
        $first = reset($candidates);

        return new Advice(
            $suggestions,
            $impossible,
            $first === false ? null : self::map($request, $first, $suggestions),
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

        return new Suggestion(
            kind: $candidate->meets() ? $kind : 'nearest',
            title: self::title($request, $candidate->meets() ? $kind : 'nearest', $candidate, $first).': '.$settings,
            exposure: new SuggestedExposure(
                settings: $settings,
                mode: self::mode($request, $candidate),
                compensation: null,
                filterStops: $candidate->filter,
            ),
            lens: new SuggestedLens(
                name: $candidate->choice->lens->name,
                focalLength: $candidate->choice->focalLength,
                focusDistance: $candidate->demands->focus,
                widestFNumber: $candidate->choice->lens->widestAt($candidate->choice->focalLength)->nominal(),
            ),
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

    private static function title(
        AdviceRequest $request,
        string $kind,
        Candidate $candidate,
        Candidate|false|null $first,
    ): string {
        $lens = $candidate->choice->lens->name;
        $isNoisier = $first instanceof Candidate && $candidate->sv > $first->sv + 1e-6;

        return match ($kind) {
            'best' => 'Best of the kit',
            'deeper' => $isNoisier ? 'Keep more depth and raise ISO' : 'Keep more depth and open longer',
            'cleaner' => 'Keep ISO low',
            'safer' => 'A shorter time',
            'softer' => 'A softer background',
            'support' => 'On a tripod',
            'other-support' => ucfirst($candidate->support->label()),
            'filter' => sprintf(
                count($request->kit->filtersFor($candidate->filter)) > 1
                    ? 'With filters of %s together'
                    : 'With a filter of %s',
                Stops::of($candidate->filter)->inWords(),
            ),
            'no-filter' => 'Without a filter',
            'other-lens' => sprintf('With %s', $lens),
            default => 'Comes nearest',
        };
    }

    /** The mode in which a person sets what matters most and leaves the rest to the camera. */
    private static function mode(AdviceRequest $request, Candidate $candidate): ExposureMode
    {
        return match (true) {
            $request->approach->start === Start::Manual,
            $request->intent->contents->crossesLight,
            $request->intent->contents->stars,
            $candidate->support === Support::Tripod && $candidate->tv < 0,
            $candidate->filter >= self::STRONG_FILTER => ExposureMode::Manual,
            $request->intent->movement !== null => ExposureMode::Shutter,
            default => ExposureMode::Aperture,
        };
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
