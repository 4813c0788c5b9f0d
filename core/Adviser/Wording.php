<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\Metres;

/** What a combination gains and costs, in stops and in terms of the picture. */
final readonly class Wording
{
    /** Less than half a third is no difference. */
    private const NOTICED = 1 / 6;

    public function __construct(private AdviceRequest $request)
    {
    }

    /** @return list<string> what the intent asked for and gets */
    public function gains(Candidate $candidate): array
    {
        return array_values(
            array_filter([
                $this->depth($candidate),
                $this->separation($candidate),
                $this->movement($candidate),
                $this->steadiness($candidate),
                $candidate->sv <= $candidate->demands->iso->base + self::NOTICED &&
                $candidate->sv >= $candidate->demands->iso->base - self::NOTICED
                    ? 'base ISO: the cleanest the sensor gives'
                    : null,
            ]),
        );
    }

    /** @return list<string> */
    public function costs(Candidate $candidate): array
    {
        $demands = $candidate->demands;
        $above = $candidate->sv - $demands->iso->base;

        return array_values(
            array_filter([
                ...$this->misses($candidate),
                $above > self::NOTICED
                    ? sprintf(
                        '%s of ISO above base, with the noise of %s',
                        $this->stops($above),
                        Iso::nearest(100 * 2 ** $candidate->sv),
                    )
                    : null,
                $above < -self::NOTICED
                    ? sprintf('%s below base ISO: highlights clip that much sooner', $this->stops(-$above))
                    : null,
                $candidate->av - $demands->aperture->print > self::NOTICED
                    ? sprintf(
                        '%s past where diffraction shows in a print',
                        $this->stops($candidate->av - $demands->aperture->print),
                    )
                    : null,
                $demands->aperture->pixel !== null &&
                $candidate->av - $demands->aperture->pixel > 1 - self::NOTICED &&
                $candidate->av <= $demands->aperture->print
                    ? sprintf(
                        '%s past where diffraction softens single pixels; a print does not show it',
                        $this->stops($candidate->av - $demands->aperture->pixel),
                    )
                    : null,
                abs($candidate->av - $demands->aperture->widest) < 1e-9
                    ? 'the lens is wide open, where it is softest'
                    : null,
                $this->framing($candidate),
                $candidate->support === Support::Hand
                    ? null
                    : sprintf('needs support: %s', $candidate->support->label()),
                $this->filters($candidate->filter),
            ]),
        );
    }

    /** @return list<string> where it is better than another */
    public function gainsOver(Candidate $candidate, Candidate $other): array
    {
        return array_values(
            array_filter([
                $this->difference($other->sv - $candidate->sv, '%s cleaner'),
                $this->difference(
                    $candidate->tv - $other->tv,
                    $this->wantsTime() ? null : '%s safer from movement and shake',
                ),
                $this->difference($other->tv - $candidate->tv, $this->wantsTime() ? '%s more movement' : null),
                $this->difference(
                    $candidate->av - $other->av,
                    $this->request->intent->asksForSeparation() ? null : '%s deeper',
                ),
                $this->difference(
                    $other->av - $candidate->av,
                    $this->request->intent->asksForSeparation() ? '%s softer background' : null,
                ),
                $this->difference(
                    $other->demands->aperture->widest - $candidate->demands->aperture->widest,
                    'a lens that opens %s further',
                ),
            ]),
        );
    }

    /** @return list<string> where it is worse than another */
    public function costsAgainst(Candidate $candidate, Candidate $other): array
    {
        return array_values(
            array_filter([
                $this->difference($candidate->sv - $other->sv, '%s more noise than the first'),
                $this->difference(
                    $other->tv - $candidate->tv,
                    $candidate->demands->time->shake === null || $this->wantsTime()
                        ? null
                        : '%s nearer to shake than the first',
                ),
                $this->difference(
                    $other->av - $candidate->av,
                    $this->request->intent->asksForDepth() ? '%s less depth than the first' : null,
                ),
            ]),
        );
    }

    /** @return list<string> */
    private function misses(Candidate $candidate): array
    {
        $misses = [];
        foreach ($candidate->violations as $demand => $stops) {
            $amount = Stops::of(max(1 / 3, abs($stops)))->inWords();
            $misses[] = match ($demand) {
                'light' => sprintf('%s too %s', $amount, $stops > 0 ? 'bright' : 'dark'),
                'depth' => sprintf('%s short of the depth', $amount),
                'separation' => sprintf('%s too deep for the background to go soft', $amount),
                'shake' => sprintf('%s longer than hands hold', $amount),
                'movement' => sprintf('%s too long: movement blurs', $amount),
                'look' => sprintf('%s too short for the movement to show', $amount),
                default => sprintf('%s above the highest ISO you accept', $amount),
            };
        }

        return $misses;
    }

    private function depth(Candidate $candidate): ?string
    {
        $intent = $this->request->intent;
        if (! $intent->asksForDepth() || $candidate->demands->focus === null
            || isset($candidate->violations['depth'])) {
            return null;
        }
        $depth = DepthOfField::of(
            $candidate->choice->focalLength,
            2 ** ($candidate->av / 2),
            $candidate->demands->focus,
            $this->request->kit->body->format->circleOfConfusion(),
        );

        return sprintf(
            'focused at %s, sharp from %s to %s',
            Metres::text($candidate->demands->focus),
            Metres::text($depth->near),
            Metres::text($depth->far),
        );
    }

    private function separation(Candidate $candidate): ?string
    {
        $intent = $this->request->intent;
        if (! $intent->asksForSeparation() || isset($candidate->violations['separation'])) {
            return null;
        }
        $disc = BlurDisc::of(
            $candidate->choice->focalLength,
            2 ** ($candidate->av / 2),
            (float) $intent->distances->subject,
            (float) $intent->distances->background,
        );

        return sprintf(
            'points of the background spread to %.1f %% of the frame\'s width',
            $disc->percentOfWidth($this->request->kit->body->format),
        );
    }

    private function movement(Candidate $candidate): ?string
    {
        $intent = $this->request->intent;
        $movement = $intent->movement;
        if ($movement === null || isset($candidate->violations['movement']) || isset($candidate->violations['look'])) {
            return null;
        }
        $format = $this->request->kit->body->format;
        $seconds = 2 ** -$candidate->tv;
        $blur = $movement
            ->blur($candidate->choice->focalLength, $intent->distances->subject, $format)
            ?->after($seconds);
        $text = (string) ExposureTime::nearest($seconds);

        return match ($movement->want) {
            MovementLook::Freeze, MovementLook::Acceptable => $blur === null
                ? sprintf('%s holds most movement', $text)
                : sprintf(
                    '%s: movement blurs by %.1f circles of confusion',
                    $text,
                    $blur / $format->circleOfConfusion(),
                ),
            MovementLook::Streak => $blur === null
                ? sprintf('%s lets movement show', $text)
                : sprintf(
                    '%s: movement streaks over %.0f %% of the frame\'s width',
                    $text,
                    (100 * $blur) / $format->width,
                ),
            MovementLook::Silk => sprintf('%s turns water to silk', $text),
            MovementLook::Pan => sprintf('%s streaks the background and keeps what you follow', $text),
        };
    }

    private function steadiness(Candidate $candidate): ?string
    {
        if ($candidate->demands->time->shake === null) {
            return 'camera shake sets no limit on the tripod';
        }
        $room = $candidate->tv - $candidate->demands->time->shake;

        return $room < self::NOTICED
            ? null
            : sprintf(
                '%s inside what hands hold%s',
                $this->stops($room),
                match (true) {
                    $candidate->support !== Support::Hand => ' '.$candidate->support->label(),
                    $this->request->isSupportKnown() => '',
                    default => ', if it was held by hand',
                },
            );
    }

    private function filters(float $stops): ?string
    {
        $filters = $this->request->kit->filtersFor($stops);

        return match (count($filters)) {
            0 => null,
            1 => sprintf('a filter of %s: compose and focus before it goes on', $this->stops($stops)),
            default => sprintf(
                'filters of %s and %s on one another: compose and focus before they go on',
                $this->stops($filters[0]),
                $this->stops($filters[1]),
            ),
        };
    }

    private function framing(Candidate $candidate): ?string
    {
        $percent = 100 * (2 ** abs($candidate->choice->framing) - 1);

        // What nobody asked for is not measured against.
        return $percent < 3 || $candidate->choice->strictness < 1.0
            ? null
            : sprintf(
                'frames %.0f %% %s than you asked: take a step %s',
                $percent,
                $candidate->choice->framing > 0 ? 'tighter' : 'wider',
                $candidate->choice->framing > 0 ? 'back' : 'nearer',
            );
    }

    private function difference(float $stops, ?string $sentence): ?string
    {
        return $sentence === null || $stops < 1 / 3 - 1e-6 ? null : sprintf($sentence, $this->stops($stops));
    }

    private function wantsTime(): bool
    {
        return in_array($this->request->intent->movement?->want, [MovementLook::Streak, MovementLook::Silk], true);
    }

    private function stops(float $stops): string
    {
        return Stops::of($stops)->inWords();
    }
}
