<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Briefs\BriefPack;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use TruePupil\Core\Brief\InvalidBrief;

final class BriefPackTest extends TestCase
{
    use RefreshDatabase;

    public function test_all_ready_briefs_travel_and_arrive_as_they_were(): void
    {
        $library = app(BriefLibrary::class);
        $path = sys_get_temp_dir().'/pack-'.bin2hex(random_bytes(5)).'.json';
        $this->assertSame(
            0,
            Artisan::call('pupil:pack', ['what' => 'export', 'file' => $path, '--title' => 'All of them']),
        );
        $pack = BriefPack::read(File::get($path));
        $this->assertSame('All of them', $pack->title);
        $this->assertEquals($library->all(), $pack->contents());
        // Nothing is overwritten.
        $this->assertSame(1, Artisan::call('pupil:pack', ['what' => 'export', 'file' => $path]));
        $this->assertSame(0, Artisan::call('pupil:pack', ['what' => 'validate', 'file' => $path]));
        $this->assertSame(0, Artisan::call('pupil:pack', ['what' => 'import', 'file' => $path]));
        $this->assertSame([], json_decode(Artisan::output(), true)['added']);
        File::delete($path);
    }

    public function test_an_import_is_previewed_adds_what_is_new_and_keeps_what_is_there(): void
    {
        $path = sys_get_temp_dir().'/pack-'.bin2hex(random_bytes(5)).'.json';
        $own = [...$this->brief(), 'id' => 'our-own', 'number' => 44];
        File::put($path, BriefPack::of('Two', [$own, [...$this->brief(), 'title' => 'Another title']])->toJson());

        Artisan::call('pupil:pack', ['what' => 'import', 'file' => $path, '--preview' => true]);
        $this->assertSame(['our-own'], json_decode(Artisan::output(), true)['added']);
        $this->assertNull(app(BriefLibrary::class)->find('our-own'));
        Artisan::call('pupil:pack', ['what' => 'import', 'file' => $path]);
        $this->assertSame(['meter-is-fooled'], json_decode(Artisan::output(), true)['kept']);
        $this->assertSame(44, app(BriefLibrary::class)->find('our-own')?->number);
        $this->assertSame('The meter is fooled', app(BriefLibrary::class)->find('meter-is-fooled')?->words->title);
        File::delete($path);
    }

    /** @return iterable<string, array{callable(array<mixed>): mixed, string}> */
    public static function broken(): iterable
    {
        yield 'an unknown measure' => [
            function (array $pack): array {
                $pack['briefs'][0]['checks'][0]['measure'] = 'record.colour';

                return $pack;
            },
            '/briefs/0/checks/0/measure',
        ];
        yield 'a word where a number belongs' => [
            function (array $pack): array {
                $pack['briefs'][0]['checks'][1]['limit'] = ['a third'];

                return $pack;
            },
            '/briefs/0/checks/1/limit',
        ];
        yield 'a key that nobody knows' => [fn (array $pack): array => [...$pack, 'extra' => 1], 'extra'];
        yield 'no briefs' => [fn (array $pack): array => [...$pack, 'briefs' => []], 'briefs'];
        yield 'an id that leaves its folder' => [
            function (array $pack): array {
                $pack['briefs'][0]['id'] = '../../etc/passwd';

                return $pack;
            },
            '/briefs/0/id',
        ];
        yield 'the same brief twice' => [
            fn (array $pack): array => [...$pack, 'briefs' => [$pack['briefs'][0], $pack['briefs'][0]]],
            'same id',
        ];
        yield 'another format' => [fn (array $pack): array => [...$pack, 'format' => 'else'], 'format'];
    }

    #[DataProvider('broken')]
    public function test_what_is_wrong_is_refused_by_its_place(callable $break, string $place): void
    {
        $pack = json_decode(BriefPack::of('One', [$this->brief()])->toJson(), true);
        try {
            BriefPack::read(json_encode($break($pack), JSON_THROW_ON_ERROR));
            $this->fail('It should have been refused.');
        } catch (InvalidBrief $problem) {
            $this->assertStringContainsString($place, $problem->getMessage());
        }
    }

    public function test_no_json_and_no_file_are_told(): void
    {
        $this->assertSame(1, Artisan::call('pupil:pack', ['what' => 'validate', 'file' => '/nowhere/pack.json']));
        $this->expectException(InvalidBrief::class);
        BriefPack::read('{"format":');
    }

    /** @return array<mixed> */
    private function brief(): array
    {
        return app(BriefLibrary::class)->data('meter-is-fooled') ?? [];
    }
}
