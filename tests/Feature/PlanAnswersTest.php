<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Planning\PlanInput;
use App\Planning\PlanQuestions;
use App\Planning\PlanSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\Support;

/** Every answer that the plan's questions can be given, with four kits: possible, or helped, and never absurd. */
final class PlanAnswersTest extends TestCase
{
    #[DataProvider('kits')]
    public function test_every_answer_can_be_done_or_is_helped(array $equipment): void
    {
        $kit = KitFormat::read(Fields::of($equipment));
        $questions = PlanQuestions::of(PlanInput::of([], 'UTC'))->all();
        $seen = 0;
        foreach (array_keys($questions['light']['answers']) as $light) {
            foreach (array_keys($questions['movement']['answers']) as $movement) {
                foreach (array_keys($questions['depth']['answers']) as $depth) {
                    $this->assertAnswered($kit, [
                        'light' => (string) $light,
                        'movement' => (string) $movement,
                        'depth' => (string) $depth,
                    ]);
                    $seen++;
                }
            }
        }
        $this->assertSame(200, $seen);
    }

    public static function kits(): iterable
    {
        yield 'what stands in for no kit' => [PlanSheet::PLAIN_KIT];
        yield 'a small camera with its zoom, by hand' => [[...PlanSheet::PLAIN_KIT, 'supports' => ['hand']]];
        yield 'a telephone' => [[
            'body' => ['kind' => 'phone', 'format' => '9.8x7.3', 'pixels' => [4080, 3072], 'fastest' => 1 / 10000,
                'slowest' => 10, 'isoMin' => 50, 'isoBase' => 50, 'isoMax' => 6400, 'stabiliserStops' => 3],
            'lenses' => [['name' => 'main', 'minFocal' => 6.8, 'widestAtMin' => 1.8, 'smallest' => 1.8,
                'closestFocus' => 0.12]],
        ]];
        yield 'a good kit with flash, filters and tripod' => [[
            'body' => ['format' => '36x24', 'pixels' => [6000, 4000], 'fastest' => 1 / 8000, 'slowest' => 30,
                'isoMin' => 100, 'isoMax' => 51200, 'stabiliserStops' => 5, 'flashSync' => 1 / 200],
            'lenses' => [
                ['name' => '24-70', 'minFocal' => 24, 'maxFocal' => 70, 'widestAtMin' => 2.8, 'closestFocus' => 0.38],
                ['name' => '85', 'minFocal' => 85, 'widestAtMin' => 1.8, 'smallest' => 16, 'closestFocus' => 0.8],
            ],
            'supports' => ['hand', 'tripod'],
            'filters' => [3, 6],
            'flash' => ['guideNumber' => 40, 'canBounce' => true],
        ]];
    }

    /** @param  array<string, string>  $answers */
    private function assertAnswered(Kit $kit, array $answers): void
    {
        $input = PlanInput::of(PlanQuestions::answered($answers, []), 'UTC');
        $light = $input->light();
        $this->assertNotNull($light);
        $intent = $input->intent();
        $advice = KitAdviser::advise(new AdviceRequest($light, $kit, $intent));
        $says = implode(', ', $answers);
        $first = $advice->suggestions[0] ?? null;
        $this->assertNotNull($first, $says);
        if ($advice->impossible !== null) {
            $this->assertNotSame([], $advice->impossible->wouldHelp, $says.': '.$advice->impossible->reason);
            $first = $advice->impossible->wouldHelp[0]->settings;
            $this->assertNotNull($first, $says);
        }
        $this->assertSensible($first, $intent->movement?->want, $says.': '.$first->title);
    }

    private function assertSensible(Suggestion $one, ?MovementLook $want, string $says): void
    {
        $settings = $one->exposure->settings;
        if ($one->support !== Support::Tripod) {
            // Nobody holds half a second, nor a person for a tenth.
            $this->assertLessThanOrEqual(0.34, $settings->time->exact, $says);
        }
        if ($want === MovementLook::Silk) {
            $this->assertGreaterThanOrEqual(0.4, $settings->time->exact, $says);
        } elseif ($want === MovementLook::Acceptable) {
            $this->assertLessThanOrEqual(1 / 50, $settings->time->exact, $says);
        }
        if ($settings->aperture->exact < 2.0 && $one->lens->widestFNumber !== null) {
            $this->assertLessThanOrEqual(2.0, $one->lens->widestFNumber, $says);
        }
        if ($one->exposure->mode === ExposureMode::Bulb) {
            $this->assertSame(Support::Tripod, $one->support, $says);
        }
    }
}
