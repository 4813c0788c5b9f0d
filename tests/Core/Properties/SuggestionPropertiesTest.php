<?php

declare(strict_types=1);

namespace Tests\Core\Properties;

use Eris\Generators;
use Tests\Core\Parts;
use Tests\Core\Rules;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Critique\Critique;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Reach;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Situation;

/** A suggestion, carried out by hand as a frame of its own, is rid of every finding that it claimed to fix. */
final class SuggestionPropertiesTest extends PropertyTestCase
{
    private int $claims = 0;

    public function test_a_suggestion_carried_out_is_rid_of_what_it_claimed_to_fix(): void
    {
        $this->forAll(
            $this->thirds(3, 27),
            $this->thirds(-36, 12),
            $this->thirds(-3, 24),
            Generators::choose(-30, 20),
            Generators::choose(0, 287),
            Generators::choose(60, 1500),
            Generators::choose(0, 999),
        )
            ->then(function (
                int $aperture,
                int $time,
                int $iso,
                int $tone,
                int $choice,
                int $centimetres,
                int $more,
            ): void {
                $kit = $more % 3 === 0 ? null : Situations::kit(['stabiliserStops' => $more % 4]);
                $intent = Parts::changed(
                    self::intent($choice, $centimetres / 100),
                    stars: $more % 17 === 0,
                    foliage: $more % 13 === 0,
                    sunStar: $more % 19 === 0,
                    focalLength35: null,
                );
                $situation = $this->frame(
                    Aperture::atStep($aperture)->nominal(),
                    ExposureTime::atStep($time)->nominal(),
                    Iso::atStep($iso)->nominal(),
                    [
                        ExposureMode::Aperture,
                        ExposureMode::Shutter,
                        ExposureMode::Manual,
                        ExposureMode::Program,
                        ExposureMode::Auto,
                    ][$more % 5],
                    50.0,
                    [Support::Hand, Support::Tripod, Support::Monopod][($more % 7) % 3],
                    'Marlpit 50 mm',
                    $tone / 10,
                    0.0,
                    $kit,
                    $intent,
                    null,
                );
                $critique = Critique::of($situation, Rules::critic());
                foreach ($critique->advice->suggestions as $suggestion) {
                    $this->assertCanBeSet($situation, $suggestion);
                    $this->assertGone($situation, $suggestion, $suggestion->effect->fixes, $tone / 10);
                }
                foreach ($critique->findings as $finding) {
                    if ($finding->suggestion !== null) {
                        $this->assertCanBeSet($situation, $finding->suggestion);
                    }
                    if ($finding->suggestion !== null && $finding->topic !== Topic::Series) {
                        $this->assertGone($situation, $finding->suggestion, [$finding->id], $tone / 10);
                    }
                }
            });
        $this->assertGreaterThan(0.6 * self::cases(), $this->claims, 'hardly any suggestion claimed anything');
    }

    /** Nothing leaves what the body reaches, nor what a lens of the kit does; what was seen can be set. */
    private function assertCanBeSet(Situation $situation, Suggestion $suggestion): void
    {
        $to = $suggestion->exposure->settings;
        $seen = $situation->record->settings() ?? $to;
        $lens = $situation->kit?->lensNamed($suggestion->lens->name);
        $widest = $lens?->widestAt($suggestion->lens->focalLength ?? $lens->minFocal);
        $words = $suggestion->title.' from '.$seen;

        // On a support the shutter can be held open as long as one likes.
        $isBulb = $suggestion->exposure->mode === ExposureMode::Bulb && $suggestion->support === Support::Tripod;
        $this->assertTrue($to->time == $seen->time || $isBulb || $situation->reach()->hasTime($to->time), $words);
        $this->assertTrue($to->iso == $seen->iso || $situation->reach()->hasIso($to->iso), $words);
        if ($situation->kit !== null && $lens !== null && $widest !== null && $to->aperture != $seen->aperture) {
            $reach = Reach::of($situation->kit->body, $widest->exact, $lens->smallest);
            $this->assertTrue($reach->hasAperture($to->aperture, $seen->aperture), $words);
        }
    }

    /** @param  list<string>  $claimed */
    private function assertGone(Situation $before, Suggestion $suggestion, array $claimed, float $tone): void
    {
        if ($claimed === []) {
            return;
        }
        $settings = $before->record->settings();
        $this->assertNotNull($settings);
        $brighter =
            $suggestion->exposure->settings->stopsBrighterThan($settings)->value - $suggestion->exposure->filterStops;
        $after = $this->frame(
            $suggestion->exposure->settings->aperture->nominal(),
            $suggestion->exposure->settings->time->nominal(),
            $suggestion->exposure->settings->iso->nominal(),
            $suggestion->exposure->mode,
            $suggestion->lens->focalLength ?? 50.0,
            $suggestion->support ?? Support::Hand,
            (string) $suggestion->lens->name,
            $tone + $brighter,
            $suggestion->exposure->compensation,
            $before->kit,
            $before->statement->intent,
            $suggestion->lens->focusDistance,
        );
        $left = array_map(
            fn (Finding $finding): string => $finding->id,
            array_filter(
                Rules::critic()->judge($after),
                fn (Finding $finding): bool => $finding->severity !== Severity::Praise,
            ),
        );
        $this->claims += count($claimed);

        $this->assertSame(
            [],
            array_values(array_intersect($claimed, $left)),
            sprintf('%s, carried out from %s', $suggestion->title, $settings),
        );
    }

    private function frame(
        float $n,
        float $t,
        float $iso,
        ExposureMode $mode,
        float $focalLength,
        Support $support,
        string $lens,
        float $tone,
        ?float $compensation,
        ?Kit $kit,
        Intent $intent,
        ?float $focus,
    ): Situation {
        return Situations::make(
            n: $n,
            t: $t,
            iso: $iso,
            mode: $mode,
            compensation: $compensation ?? 0.0,
            focalLength: $focalLength,
            support: $support,
            widest: $lens === 'Marlpit 50 mm' ? 1.8 : null,
            subject: max(-6.0, min(2.4, $tone)),
            wanted: 0.0,
            metering: array_fill_keys(['scene', 'centre', 'spot', 'highlight'], $tone),
            kit: $kit,
            intent: $intent,
            record: ['name' => $lens, 'focusDistance' => $focus],
        );
    }
}
