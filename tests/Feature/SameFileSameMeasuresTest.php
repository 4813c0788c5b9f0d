<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\OutsideProgram;
use App\Imaging\Vips\PixelProgram;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;
use Symfony\Component\Process\Process;
use Tests\Support\DecodesAfresh;
use Tests\Support\Pictures;
use Tests\TestCase;

/** One file has one set of measures: however often it is looked at, and however busy the machine is. */
#[DecodesAfresh]
final class SameFileSameMeasuresTest extends TestCase
{
    private const TIMES = 20;

    /** More than there are cores, so that each waits for the others. */
    private const AT_ONCE = 6;

    /** @param  list<array{string, string, list<string>}>  $steps  operation, ending, further arguments */
    #[DataProvider('files')]
    public function test_twenty_looks_see_the_same(array $steps): void
    {
        $path = Pictures::jpeg(patch: 180, ground: 60);
        foreach ($steps as [$operation, $ending, $more]) {
            $next = Pictures::path($ending);
            (new OutsideProgram('vips', 30))->run([$operation, $path, $next, ...$more]);
            $path = $next;
        }
        $answers = [];
        for ($done = 0; $done < self::TIMES; $done += self::AT_ONCE) {
            $looks = [];
            for ($at = 0; $at < min(self::AT_ONCE, self::TIMES - $done); $at++) {
                $reading = Pictures::path('reading');
                $looks[$reading] = $this->look(
                    json_encode(['source' => $path, 'reading' => $reading], JSON_THROW_ON_ERROR),
                );
            }
            foreach ($looks as $reading => $look) {
                $this->assertSame(0, $look->wait(), $look->getErrorOutput());
                $answers[] = (string) file_get_contents($reading);
            }
        }

        $this->assertCount(self::TIMES, $answers);
        $this->assertCount(1, array_unique($answers));
        $this->assertGreaterThan(1000, strlen($answers[0]));
    }

    /** @return iterable<string, array{list<array{string, string, list<string>}>}> */
    public static function files(): iterable
    {
        $wide = ['icc_transform', 'v', ['p3', '--input-profile', 'srgb']];
        foreach (['jpg', 'heic', 'avif', 'webp', 'png'] as $ending) {
            yield "$ending with a wide profile" => [[$wide, ['copy', $ending, []]]];
        }
        yield 'heic in sRGB' => [[['copy', 'heic', []]]];
        yield 'tif of 16 bits with a wide profile' => [[$wide, ['colourspace', 'v', ['rgb16']], ['copy', 'tif', []]]];
        yield 'jpg in CMYK' => [[['icc_transform', 'jpg', ['cmyk', '--input-profile', 'srgb']]]];
        yield 'grey png' => [[['colourspace', 'png', ['b-w']]]];
    }

    private function look(string $task): Process
    {
        $program = dirname((string) (new ReflectionClass(PixelProgram::class))->getFileName()).'/pixels.php';
        $look = new Process(
            [PHP_BINARY, '-d', 'ffi.enable=1', $program],
            env: ['VIPS_CONCURRENCY' => '2'],
            input: $task,
            timeout: 60,
        );
        $look->start();

        return $look;
    }
}
