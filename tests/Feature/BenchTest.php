<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Calculators\Answer;
use App\Calculators\Calculators;
use App\Input\CalculatorInput;
use App\Input\LensLine;
use App\View\Presenters\SheetResult;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Arr;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\World;
use Tests\TestCase;

final class BenchTest extends TestCase
{
    use RefreshDatabase;

    public function test_every_calculator_has_a_sheet_that_answers(): void
    {
        foreach (Calculators::all() as $id => $calculator) {
            $result = SheetResult::of($calculator, $calculator->sheet()->values([]));

            $this->assertNull($result->problem, $id);
            $this->assertNotEquals(new Answer(), $result->answer, $id);
        }
    }

    #[DataProvider('calculators')]
    public function test_a_calculator_gives_what_the_book_gives(string $id): void
    {
        $calculator = Calculators::ofNumbersNamed($id);
        $example = $calculator->example();
        $answer = Arr::dot($calculator->calculate(CalculatorInput::of($example->given)));

        $this->assertNotSame([], $example->gives);
        foreach ($example->gives as $path => $value) {
            $this->assertArrayHasKey($path, $answer);
            is_float($value)
                ? $this->assertEqualsWithDelta($value, $answer[$path], 0.001 * max(1.0, abs($value)), $path)
                : $this->assertSame($value, $answer[$path], $path);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function calculators(): iterable
    {
        foreach (array_keys(Calculators::ofNumbers()) as $id) {
            yield $id => [$id];
        }
    }

    public function test_ends_of_a_field_are_told_by_its_name(): void
    {
        $calculator = Calculators::ofNumbersNamed('stack');
        $values = $calculator->sheet()->values([]);

        $this->assertNull(SheetResult::of($calculator, ['overlap' => '90'] + $values)->problem);
        $this->assertSame(
            '"Overlap" is from 0 to 90; got 91.',
            SheetResult::of($calculator, ['overlap' => '91'] + $values)->problem,
        );
    }

    public function test_a_sheet_opens_with_an_answer_and_its_address_holds_the_values(): void
    {
        $this->actingAs(World::make()->student);

        $this->get(route('bench'))->assertOk()->assertSee('Better settings')->assertSee('Depth of field');
        $this->get('/bench/dof?f=85&n=1.8&s=2&format=36x24')
            ->assertOk()
            ->assertSee('1.97 m')
            ->assertSee('2.03 m')
            ->assertSee('Depth ruler')
            ->assertSee('a pupil 47.7 mm across')
            ->assertSee('bench/dof?f=85&amp;n=1.8&amp;s=2&amp;format=36x24', escape: false);
        $this->get('/bench/no-such-sheet')->assertNotFound();
    }

    public function test_while_typing_only_the_answer_is_sent(): void
    {
        $this->actingAs(World::make()->student);

        $this->get('/bench/motion?v=1.4&angle=0&f=50&s=5&format=36x24&t=1/125', ['HX-Request' => 'true'])
            ->assertOk()
            ->assertSee('1/471 s')
            ->assertSee('1/118 s')
            ->assertSee('Movement comb')
            ->assertDontSee('<html', escape: false);
    }

    #[DataProvider('typed')]
    public function test_numbers_may_be_typed_as_people_write_them(string $query, string $says): void
    {
        $this->actingAs(World::make()->student)
            ->get('/bench/'.$query)
            ->assertOk()
            ->assertSee($says);
    }

    /** @return list<array{string, string}> */
    public static function typed(): array
    {
        return [
            ['pupil?f=35+mm&n=f/2.8', '12.50 mm'],
            ['nd?from=1/8+s&isoFrom=ISO+200&to=4&isoTo=100', '+4 stops'],
            ['dof?f=50&n=8&s=3,0+m&format=36x24', '2.34 m'],
            ['stops?fromN=3.2&toN=1.8&fromT=1/60&toT=1/30', '+2⅔ stops'],
            ['bracket?sceneStops=16&usableStops=10&step=2', '4 frames'],
            ['sky?lat=70&lon=20&at=2026-06-21T12:00:00Z&weather=clear', 'not on this day'],
        ];
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_answered_in_words_and_kept(string $query, string $says, string $kept): void
    {
        $this->actingAs(World::make()->student)
            ->get('/bench/'.$query)
            ->assertOk()
            ->assertSee($says)
            ->assertSee('value="'.e($kept).'"', escape: false);
    }

    /** @return list<array{string, string, string}> */
    public static function nonsense(): array
    {
        return [
            ['pupil?f=50&n=-2', '"Aperture" must be greater than zero; got -2.', '-2'],
            ['dof?f=50&n=8&s=0&format=36x24', '"Focused at" must be greater than zero', '0'],
            ['dof?f=500&n=8&s=0.4&format=36x24', '0.4', '0.4'],
            ['sky?lat=95&lon=0&at=2026-06-21T12:00:00Z', '95', '95'],
            ['ev?n=<b>&t=1&iso=100', 'must be a number', '<b>'],
            ['expose?light=9&mode=aperture', 'aperture', '9'],
            [
                'expose?light=9&mode=shutter&t=1/16000&iso=100&fastest=1/8000',
                '1/16000 s is above the top speed of the shutter, 1/8000 s.',
                '1/16000',
            ],
            ['solve?light=9&format=36x24&lenses=a+fast+one', 'cannot be read as a lens', '9'],
            ['solve?light=9&format=36x24&subject=-3&lenses=50+mm+1.8', 'subject', '-3'],
            ['ledger?light=9&n=4&t=1/60&iso=100&n2=8', 'second setting', '8'],
        ];
    }

    public function test_better_settings_start_from_one_s_own_kit(): void
    {
        $world = World::make();
        $world->student->update([
            'kit' => [
                'body' => ['format' => '23.5x15.6'],
                'lenses' => [['name' => 'Quoin 35 mm 1:2', 'minFocal' => 35, 'widestAtMin' => 2]],
            ],
        ]);

        $this->actingAs($world->student)
            ->get(route('bench.show', 'solve'))
            ->assertOk()
            ->assertSee('Quoin 35 mm 1:2: 35 mm 2 to 22')
            ->assertSee('Exposure map')
            ->assertSee('Close the lens until all of it is sharp');
        $this->actingAs($world->neighbour)->get(route('bench.show', 'solve'))->assertOk()->assertDontSee('Quoin');
    }

    public function test_what_the_camera_chooses_names_each_limit(): void
    {
        $this->actingAs(World::make()->student)
            ->get(
                '/bench/expose?light=16&mode=aperture&n=1.8&iso=100&widest=1.8&smallest=16&f=50&fastest=1/4000&'
                    .'slowest=30&isoMin=100&isoMax=6400',
            )
            ->assertSee('The shutter goes no faster than 1/4000 s.')
            ->assertSee('2⅓ stops too bright')
            ->assertSee('blinks');
    }

    public function test_two_settings_line_by_line(): void
    {
        $this->actingAs(World::make()->student)
            ->get('/bench/ledger?light=12&wanted=0&n=5.6&t=1/125&iso=100&n2=2.8&t2=1/250&iso2=100')
            ->assertSeeInOrder(['Aperture takes', 'ƒ/5.6', 'ƒ/2.8', '+2'])
            ->assertSeeInOrder(['Exposure time takes', '1/125 s', '1/250 s', '−1']);
    }

    public function test_a_lens_on_a_line(): void
    {
        $lens = LensLine::parse('Old faithful 1:2.8-4: 24-70 mm f/2.8-4 to 22 from 0,38 m');

        $this->assertSame(
            ['Old faithful 1:2.8-4', 24.0, 70.0, 2.8, 4.0, 22.0, 0.38],
            [
                $lens->name,
                $lens->minFocal,
                $lens->maxFocal,
                $lens->widestAtMin,
                $lens->widestAtMax,
                $lens->smallest,
                $lens->closestFocus,
            ],
        );
        $this->assertEquals($lens, LensLine::parse(LensLine::of($lens)));
        $this->assertSame('50 mm 1.8', LensLine::parse('50 1.8')->name);
        $this->assertCount(2, LensLine::all("50 mm 1.8\n\n 85 mm 1.4 "));
    }
}
