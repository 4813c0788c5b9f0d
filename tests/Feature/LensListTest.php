<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kit\LensCsv;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use InvalidArgumentException;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Kit\Lens;

final class LensListTest extends TestCase
{
    use RefreshDatabase;

    public function test_what_is_written_out_reads_back_the_same(): void
    {
        $lenses = [new Lens('Old, "faithful"', 50, 50, 1.8, 1.8, 16, 0.45), new Lens('Zoom', 24, 70, 2.8, 4, 22, 0.38, 3.5)];
        $this->assertEquals(['lenses' => $lenses, 'problems' => []], LensCsv::read(LensCsv::write($lenses)));
    }

    public function test_a_name_that_a_spreadsheet_would_run_is_written_as_text(): void
    {
        $csv = LensCsv::write([new Lens('=1+1', 50, 50, 2, 2)]);
        $this->assertStringContainsString("'=1+1", $csv);
        $this->assertSame('=1+1', LensCsv::read($csv)['lenses'][0]->name);
    }

    public function test_each_row_that_cannot_be_read_is_named_with_its_reason_and_the_others_count(): void
    {
        $read = LensCsv::read("\xEF\xBB\xBFname;minFocal;widestAtMin;smallest\r\nGood;50;1,8;16\r\nNo number;fifty;2;16\r\n;35;2;16\r\nThe wrong way round;50;22;16\r\n");
        $this->assertSame(['Good'], array_map(fn (Lens $lens): string => $lens->name, $read['lenses']));
        $this->assertSame(1.8, $read['lenses'][0]->widestAtMin);
        $this->assertSame([3, 4, 5], array_keys($read['problems']));
        $this->assertStringContainsString('fifty', $read['problems'][3]);
        foreach (['', "a,b\n1,2", 'name'] as $none) {
            try {
                LensCsv::read($none);
                $this->fail('It is no table of lenses.');
            } catch (InvalidArgumentException $problem) {
                $this->assertNotSame('', $problem->getMessage());
            }
        }
    }

    public function test_a_table_adds_to_the_kit_and_takes_nothing_away(): void
    {
        $world = World::make();
        $world->student->update(['kit' => ['body' => ['name' => 'One', 'format' => '36x24'], 'lenses' => [['name' => 'Stays', 'minFocal' => 35, 'widestAtMin' => 2], ['name' => 'Changes', 'minFocal' => 85, 'widestAtMin' => 2.8]], 'supports' => ['hand', 'tripod'], 'filters' => [6]]]);
        $file = UploadedFile::fake()->createWithContent('lenses.csv', "name,minFocal,widestAtMin\nChanges,85,1.8\nNew,24,4\nBroken,x,4\n");
        $this->actingAs($world->student)->post(route('kit.lenses.import'), ['lenses' => $file])->assertRedirect(route('kit.edit'))->assertSessionHas('problem', fn (string $said): bool => str_contains($said, 'row 4'));
        $kit = $world->student->refresh()->kitInUse();
        $this->assertSame(['Stays', 'Changes', 'New'], array_map(fn (Lens $lens): string => $lens->name, $kit->lenses ?? []));
        $this->assertSame(1.8, $kit?->lenses[1]->widestAtMin);
        $this->assertSame([6.0], $kit->filters);
        $this->actingAs($world->student)->get(route('kit.edit'))->assertOk()->assertSee('What it can do, in numbers');
        $this->actingAs($world->student)->get(route('kit.lenses'))->assertOk()->assertSee('Stays,35');

        $this->actingAs($world->student)->post(route('kit.lenses.import'), ['lenses' => UploadedFile::fake()->createWithContent('x.csv', 'nothing of the kind')])->assertSessionHas('problem', fn (string $said): bool => str_contains($said, 'as it was'));
        $this->actingAs($world->student)->post(route('kit.lenses.import'))->assertSessionHas('problem');
        $this->assertEquals($kit, $world->student->refresh()->kitInUse());
    }

    public function test_a_frame_of_one_s_own_fills_a_kit_in_one_step_and_nobody_else_s_does(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $world->student->update(['kit' => null]);
        $this->actingAs($world->student)->get(route('kit.edit'))->assertSee('take over what a frame of yours records');
        $this->actingAs($world->student)->post(route('kit.from-frame'), ['frame' => $frame->id])->assertRedirect(route('kit.edit'));
        $kit = $world->student->refresh()->kitInUse();
        $this->assertSame('Marlpit One', $kit?->body->name);
        $this->assertSame([50.0], array_map(fn (Lens $lens): float => $lens->minFocal, $kit->lenses));
        $this->actingAs($world->neighbour)->post(route('kit.from-frame'), ['frame' => $frame->id])->assertNotFound();
        $this->assertNull($world->neighbour->refresh()->kit);
    }
}
