<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Kit\Support;

/** The title of a suggestion: what to do, and what it buys. */
final class ActionTitle
{
    public static function of(
        AdviceRequest $request,
        Candidate $candidate,
        ExposureSettings $settings,
        string $kind,
        ?SuggestedSeries $series,
    ): string {
        if (! $request->kit->body->setsTime) {
            return self::ofProgram($candidate, $settings);
        }
        $from = $request->taken?->settings;
        $does = $from === null || $kind !== 'best' ? self::way($request, $candidate, $kind)
            : self::changes($request, $candidate, $from, $settings);

        return sprintf(
            '%s: %s%s',
            $does ?? 'Keep these settings',
            $series === null ? '' : sprintf(
                $series->for === 'range'
                    ? '%d frames %s apart, the middle one at '
                    : '%d frames one after the other, each at ',
                $series->frames,
                Stops::of($series->stepStops)->inWords(),
            ),
            $settings,
        );
    }

    /** A phone whose app chooses: what is left to its owner are its lenses, a touch and the light. */
    private static function ofProgram(Candidate $candidate, ExposureSettings $settings): string
    {
        return sprintf(
            'Use the %s, touch the subject and hold, then slide for its brightness: the app goes to about %s',
            $candidate->choice->lens->name,
            $settings,
        );
    }

    private static function way(AdviceRequest $request, Candidate $candidate, string $kind): string
    {
        return match ($kind) {
            'best' => self::first($request, $candidate),
            'deeper' => 'Close the lens further for more depth',
            'cleaner' => 'Keep ISO low for a cleaner picture',
            'safer' => 'Take a shorter time, to be safe',
            'softer' => 'Open the lens further for a softer background',
            'support' => 'Put it on a tripod',
            'other-support' => ucfirst(match ($candidate->support) {
                Support::Hand => 'hold it by hand',
                Support::Braced => 'brace it on something',
                Support::Monopod => 'put it on a monopod',
                Support::Tripod => 'put it on a tripod',
            }),
            'filter' => self::filter($request, $candidate),
            'no-filter' => 'Leave the filter off',
            'other-lens' => sprintf('Take %s', $candidate->choice->lens->name),
            default => 'Nearest to what you want',
        };
    }

    /** What the first of all buys most. */
    private static function first(AdviceRequest $request, Candidate $candidate): string
    {
        [$intent, $demands] = [$request->intent, $candidate->demands];
        $want = $intent->movement?->want;
        $iso = Iso::nearest(100 * 2 ** $candidate->sv)->nominal();
        $isNoisier = $candidate->sv > $demands->iso->base + 1 / 6;

        return match (true) {
            $candidate->filter > 0.0 => self::filter($request, $candidate),
            $want === MovementLook::Silk => 'Let the water flow',
            $want === MovementLook::Streak => 'Let it draw its way',
            $want === MovementLook::Pan => 'Follow it through the whole exposure',
            $intent->asksForSeparation() => 'Open the lens for a soft background',
            $intent->kind() === SubjectKind::Fireworks => 'Hold the shutter open for the bursts',
            $demands->time->stirs => sprintf(
                $isNoisier ? 'Raise ISO to %2$s for a time that keeps %1$s still' : 'Set a time that keeps %1$s still',
                self::them($intent->kind()),
                $iso,
            ),
            $intent->asksForDepth() => 'Close the lens until all of it is sharp',
            $demands->time->shake === null && $isNoisier => 'Put it on the tripod',
            $demands->time->shake === null => 'Put it on the tripod and keep ISO low',
            $isNoisier => sprintf('Raise ISO to %s for a time that hands hold', $iso),
            default => 'Keep ISO low and the lens at its best',
        };
    }

    private static function them(?SubjectKind $kind): string
    {
        return $kind === null || ! $kind->isAlive() || in_array($kind, [SubjectKind::Animal, SubjectKind::Bird], true)
            ? 'it'
            : 'them';
    }

    private static function filter(AdviceRequest $request, Candidate $candidate): string
    {
        $filters = $request->kit->filtersFor($candidate->filter);

        return sprintf(
            count($filters) > 1 ? 'Screw on filters of %s together' : 'Screw on the filter of %s',
            Stops::of($candidate->filter)->inWords(),
        );
    }

    /** What to change of a frame that was taken; null where nothing is to be changed. */
    private static function changes(
        AdviceRequest $request,
        Candidate $candidate,
        ExposureSettings $from,
        ExposureSettings $to,
    ): ?string {
        $wider = $to->aperture->stopsMoreLightThan($from->aperture)->inThirds();
        $longer = $to->time->stopsMoreLightThan($from->time)->inThirds();
        $higher = $to->iso->stopsMoreThan($from->iso)->inThirds();
        $held = $request->taken?->support;
        $parts = array_values(array_filter([
            $held !== null && $held !== $candidate->support
                ? ($candidate->support === Support::Hand ? 'hold it by hand' : 'use a '.$candidate->support->label())
                : null,
            $candidate->filter > 0.0 ? lcfirst(self::filter($request, $candidate)) : null,
            match (true) {
                $wider > 0 => 'open to '.$to->aperture,
                $wider < 0 => 'close to '.$to->aperture,
                default => null,
            },
            match (true) {
                $longer > 0 => 'take '.$to->time,
                $longer < 0 => 'shorten to '.$to->time,
                default => null,
            },
            match (true) {
                $higher > 0 => 'raise ISO to '.$to->iso->nominal(),
                $higher < 0 => 'lower ISO to '.$to->iso->nominal(),
                default => null,
            },
        ]));
        if ($parts === []) {
            return null;
        }
        $last = array_pop($parts);

        return ucfirst($parts === [] ? $last : implode(', ', $parts).' and '.$last);
    }
}
