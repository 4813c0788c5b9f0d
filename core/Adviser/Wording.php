<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Motion\Stir;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Optics\DepthOfField;
use TruePupil\Core\Optics\Metres;

/** What a combination gains and costs, in stops and in terms of the picture. */
final readonly class Wording
{
    /** Less than half a third is no difference. */
    private const NOTICED = 1 / 6;

    /** Stops above base from which on noise is worth a word. */
    private const SEEN = 2.5;

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
                $this->request->kit->film === null &&
                abs($candidate->sv - $candidate->demands->iso->base) <= self::NOTICED
                    ? Iso::nearest(100 * 2 ** $candidate->sv).': as clean as it gets'
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
                $above > self::SEEN ? $this->noise($candidate) : null,
                $above < -self::NOTICED
                    ? sprintf('%s below base ISO: highlights clip that much sooner', $this->stops(-$above))
                    : null,
                $candidate->av - $demands->aperture->print > self::NOTICED
                    ? sprintf('%s is so small that everything turns a little soft', $this->aperture($candidate))
                    : null,
                $demands->aperture->pixel !== null &&
                $candidate->av - $demands->aperture->pixel > 1 - self::NOTICED &&
                $candidate->av <= $demands->aperture->print
                    ? sprintf('%s softens the finest detail; a print does not show it', $this->aperture($candidate))
                    : null,
                abs($candidate->av - $demands->aperture->widest) < 1e-9 && ! $this->hasOneAperture($candidate)
                    ? 'the lens is wide open, where it is softest'
                    : null,
                $this->framing($candidate),
                match ($candidate->support) {
                    Support::Hand => null,
                    Support::Braced => 'something to lean the camera on is needed',
                    Support::Monopod, Support::Tripod => sprintf('a %s is needed', $candidate->support->label()),
                },
                $demands->lightLost > self::NOTICED
                    ? sprintf(
                        'so close, the drawn-out bellows takes %s of light, which is reckoned in',
                        $this->stops($demands->lightLost),
                    )
                    : null,
                $this->filters($candidate->filter),
                $this->ownProgram($candidate),
            ]),
        );
    }

    /** @return list<string> where it is better than another */
    public function gainsOver(Candidate $candidate, Candidate $other): array
    {
        return array_values(
            array_filter([
                $this->difference($other->sv - $candidate->sv, 'cleaner, by %s'),
                $this->difference(
                    $candidate->tv - $other->tv,
                    $this->wantsTime() ? null : 'safer from movement and shake, by %s',
                ),
                $this->difference($other->tv - $candidate->tv, $this->wantsTime() ? 'more movement, by %s' : null),
                $this->difference(
                    $candidate->av - $other->av,
                    $this->request->intent->asksForSeparation() ? null : 'deeper, by %s',
                ),
                $this->difference(
                    $other->av - $candidate->av,
                    $this->request->intent->asksForSeparation() ? 'a softer background, by %s' : null,
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
                $this->difference($candidate->sv - $other->sv, 'noisier by %s than the first'),
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

        $percent = $disc->percentOfWidth($this->request->kit->body->format);

        return match (true) {
            $percent >= 3.0 => 'the background melts away',
            $percent >= 1.0 => 'the background goes soft and can still be told',
            default => 'the background is only a little softer than the subject',
        };
    }

    private function movement(Candidate $candidate): ?string
    {
        $intent = $this->request->intent;
        $movement = $intent->movement;
        if (isset($candidate->violations['movement']) || isset($candidate->violations['look'])) {
            return null;
        }
        $text = (string) ExposureTime::nearest(2 ** -$candidate->tv);
        $stir = $intent->stir();

        return match ($movement?->want) {
            null => $stir === Stir::Still ? null : sprintf('%s holds %s', $text, $stir->label()),
            MovementLook::Freeze => sprintf('%s stops the movement', $text),
            MovementLook::Acceptable => sprintf('%s: sharp enough, however it moves', $text),
            MovementLook::Streak => sprintf('%s lets it draw its way', $text),
            MovementLook::Silk => sprintf('%s turns water to silk', $text),
            MovementLook::Pan => sprintf('%s streaks the background and keeps what you follow', $text),
        };
    }

    private function noise(Candidate $candidate): string
    {
        $iso = Iso::nearest(100 * 2 ** $candidate->sv);
        $comfortable = $candidate->demands->iso->comfortable;

        return match (true) {
            $comfortable === null || $candidate->sv <= $comfortable + self::NOTICED => 'some noise, at '.$iso,
            $this->request->kit->body->comfortableIso !== null => sprintf('more noise than you like, at %s', $iso),
            default => sprintf('noise that is seen, at %s', $iso),
        };
    }

    private function aperture(Candidate $candidate): string
    {
        return (string) Aperture::nearest(2 ** ($candidate->av / 2));
    }

    private function steadiness(Candidate $candidate): ?string
    {
        if ($candidate->demands->time->shake === null) {
            return 'the tripod holds it still, however long it takes';
        }
        // What is short enough for somebody else is short enough for hands; that need not be said as well.
        $isTold = $candidate->demands->time->movement !== null
            && $candidate->demands->time->movement >= $candidate->demands->time->shake;

        return $isTold || $candidate->tv - $candidate->demands->time->shake < self::NOTICED
            ? null
            : sprintf(
                'short enough %s',
                match (true) {
                    $candidate->support === Support::Braced => 'braced on something',
                    $candidate->support !== Support::Hand => 'for a '.$candidate->support->label(),
                    $this->request->isSupportKnown() => 'for your hands',
                    default => 'for hands, if it was held by hand',
                },
            );
    }

    /** Of a lens with one aperture nobody can ask for another. */
    private function hasOneAperture(Candidate $candidate): bool
    {
        $lens = $candidate->choice->lens;

        return $lens->smallest <= $lens->widestAt($candidate->choice->focalLength)->nominal() + 0.01;
    }

    /** Where a program chooses the time, nobody can promise it. */
    private function ownProgram(Candidate $candidate): ?string
    {
        $isShort = $candidate->demands->time->movement !== null || $candidate->sv > $candidate->demands->iso->base + 1;

        return $this->request->kit->body->setsTime || ! $isShort
            ? null
            : 'its program may take longer: go nearer to the light, and take several at once';
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
