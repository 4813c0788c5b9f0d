<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kits\KitCsv;
use App\Kits\KitInUse;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use InvalidArgumentException;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Kit\Lens;

final class KitListTest extends TestCase
{
    use RefreshDatabase;

    private const KIT = [
        'body' => [
            'name' => 'Marlpit One',
            'format' => '36x24',
            'pixels' => [6000.0],
            'fastest' => 0.000125,
            'isoMin' => 50.0,
        ],
        'bodies' => [
            ['name' => 'Quoin S2', 'format' => '23.5x15.6'],
            [
                'name' => 'Marlpit One',
                'format' => '36x24',
                'pixels' => [6000.0],
                'fastest' => 0.000125,
                'isoMin' => 50.0,
            ],
        ],
        'lenses' => [
            ['name' => 'Old, "faithful"', 'minFocal' => 50.0, 'widestAtMin' => 1.8],
            ['name' => '=1+1', 'minFocal' => 24.0, 'maxFocal' => 70.0, 'widestAtMin' => 2.8, 'widestAtMax' => 4.0],
        ],
        'supports' => ['hand', 'tripod'],
        'filters' => [3.0, 6.0],
        'polariser' => true,
        'flash' => [
            'guideNumber' => 28.0,
            'canBounce' => false,
            'highSpeedSync' => true,
            'distance' => 1.5,
            'side' => -45.0,
            'height' => 30.0,
        ],
        'film' => ['name' => 'Kelm 200', 'boxSpeed' => 200.0, 'kind' => 'slide'],
    ];

    public function test_what_is_written_out_reads_back_the_same(): void
    {
        $csv = KitCsv::write(self::KIT);
        ['things' => $things, 'problems' => $problems] = KitCsv::read($csv);
        $this->assertSame([], $problems);
        $this->assertStringContainsString("'=1+1", $csv, 'a spreadsheet would run it');
        $this->assertStringContainsString('1/8000', $csv);
        $again = KitCsv::into(['supports' => ['hand']], $things);
        foreach (['lenses', 'supports', 'filters', 'polariser', 'flash', 'film', 'bodies'] as $part) {
            $this->assertEquals(self::KIT[$part], $again[$part], $part);
        }
    }

    public function test_each_row_that_cannot_be_read_is_named_with_its_reason_and_the_others_count(): void
    {
        $read = KitCsv::read(
            "\xEF\xBB\xBFname;minFocal;widestAtMin;smallest\r\nGood;50;1,8;16\r\nNo number;fifty;2;16\r\n;35;2;16\r\n"
                ."The wrong way round;50;22;16\r\n",
        );
        $this->assertSame(['Good'], array_column($read['things'], 'name'));
        $this->assertSame(1.8, $read['things'][0]['widestAtMin']);
        $this->assertSame([3, 4, 5], array_keys($read['problems']));
        $this->assertStringContainsString('fifty', $read['problems'][3]);
        $mixed = KitCsv::read(
            "what,name,stops,format,boxSpeed\nfilter,,3,,\nfilter,,,,\nsupport,crutch,,,\nbody,Odd,,square,\n"
                ."film,Slow,,,slow\nkite,Red,,,\nsupport,monopod,,,\n",
        );
        $this->assertSame(['filter', 'support'], array_column($mixed['things'], 'what'));
        $this->assertSame([3, 4, 5, 6, 7], array_keys($mixed['problems']));
        $this->assertStringContainsString('"kite" is none of', $mixed['problems'][7]);
        foreach (['', "a,b\n1,2", 'name'] as $none) {
            try {
                KitCsv::read($none);
                $this->fail('It is no table of a kit.');
            } catch (InvalidArgumentException $problem) {
                $this->assertNotSame('', $problem->getMessage());
            }
        }
    }

    public function test_a_second_body_is_kept_used_and_judged_with(): void
    {
        $world = World::make();
        $world->student->update([
            'kit' => [
                'body' => ['name' => 'Marlpit One', 'format' => '36x24', 'isoBase' => 100],
                'lenses' => [],
                'supports' => ['hand'],
            ],
        ]);
        $this->actingAs($world->student)
            ->put(route('kit.update'), [
                'name' => 'Quoin S2',
                'format' => '23.5x15.6',
                'stepsPerStop' => '3',
                'isoBase' => '160',
                'lenses' => '50 mm 1.8',
            ])
            ->assertSessionHasNoErrors();
        $this->get(route('kit.edit'))->assertSee('Your bodies')->assertSee('Marlpit One')->assertSee('in use');
        $student = $world->student->refresh();
        $this->assertSame('Quoin S2', KitInUse::of($student)?->body->name);
        // The record says which of them took the frame.
        $this->assertSame('Marlpit One', KitInUse::of($student, 'Marlpit One')?->body->name);
        $this->assertSame('Quoin S2', KitInUse::of($student, 'Something else')?->body->name);
        $this->post(route('kit.body'), ['name' => 'Marlpit One', 'do' => 'use'])->assertRedirect();
        $this->assertSame('Marlpit One', KitInUse::of($student->refresh())?->body->name);
        $this->post(route('kit.body'), ['name' => 'Marlpit One', 'do' => 'remove']);
        $this->assertCount(2, $student->refresh()->kit['bodies'], 'the one in use stays');
        $this->post(route('kit.body'), ['name' => 'Quoin S2', 'do' => 'remove']);
        $this->assertSame(['Marlpit One'], array_column($student->refresh()->kit['bodies'], 'name'));
    }

    public function test_a_table_adds_to_the_kit_and_takes_nothing_away(): void
    {
        $world = World::make();
        $world->student->update([
            'kit' => [
                'body' => ['name' => 'One', 'format' => '36x24'],
                'lenses' => [
                    ['name' => 'Stays', 'minFocal' => 35, 'widestAtMin' => 2],
                    ['name' => 'Changes', 'minFocal' => 85, 'widestAtMin' => 2.8],
                ],
                'supports' => ['hand', 'tripod'],
                'filters' => [6],
            ],
        ]);
        $file = UploadedFile::fake()->createWithContent(
            'lenses.csv',
            "name,minFocal,widestAtMin\nChanges,85,1.8\nNew,24,4\nBroken,x,4\n",
        );
        $this->actingAs($world->student)
            ->post(route('kit.table.import'), ['table' => $file])
            ->assertRedirect(route('kit.edit'))
            ->assertSessionHas('problem', fn (string $said): bool => str_contains($said, 'row 4'));
        $kit = KitInUse::of($world->student->refresh());
        $this->assertSame(
            ['Stays', 'Changes', 'New'],
            array_map(fn (Lens $lens): string => $lens->name, $kit->lenses ?? []),
        );
        $this->assertSame(1.8, $kit?->lenses[1]->widestAtMin);
        $this->assertSame([6.0], $kit->filters);
        $this->actingAs($world->student)->get(route('kit.edit'))->assertOk()->assertSee('What it can do, in numbers');
        $this->actingAs($world->student)->get(route('kit.table'))->assertOk()->assertSee('lens,Stays');

        $this->actingAs($world->student)
            ->post(route('kit.table.import'), [
                'table' => UploadedFile::fake()->createWithContent('x.csv', 'nothing of the kind'),
            ])
            ->assertSessionHas('problem', fn (string $said): bool => str_contains($said, 'as it was'));
        $this->actingAs($world->student)->post(route('kit.table.import'))->assertSessionHas('problem');
        $this->assertEquals($kit, KitInUse::of($world->student->refresh()));
    }

    public function test_a_frame_of_one_s_own_fills_a_kit_in_one_step_and_nobody_else_s_does(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $world->student->update(['kit' => null]);
        $this->actingAs($world->student)->get(route('kit.edit'))->assertSee('take over what a frame of yours records');
        $this->actingAs($world->student)
            ->post(route('kit.from-frame'), ['frame' => $frame->id])
            ->assertRedirect(route('kit.edit'));
        $kit = KitInUse::of($world->student->refresh());
        $this->assertSame('Marlpit One', $kit?->body->name);
        $this->assertSame([50.0], array_map(fn (Lens $lens): float => $lens->minFocal, $kit->lenses));
        $this->actingAs($world->neighbour)
            ->post(route('kit.from-frame'), ['frame' => $frame->id])
            ->assertNotFound();
        $this->assertNull($world->neighbour->refresh()->kit);
    }
}
