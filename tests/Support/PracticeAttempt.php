<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Imaging\FrameMeasurer;
use App\Practice\CameraSetups;
use App\Practice\Finder;
use App\Practice\FinderReading;
use App\Practice\RenderQuality;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use App\Practice\Shot;
use App\Practice\ShotInput;
use App\Practice\Shutter;
use DateTimeImmutable;
use Illuminate\Support\Facades\File;
use RuntimeException;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Checks\BriefFormat;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Critique\Agreement;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Intent\IntentFormat;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Plan\PlanFormat;
use TruePupil\Core\Series\SceneFrame;
use TruePupil\Core\Series\SceneWork;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Situation\Assignment;
use TruePupil\Core\Situation\FileKind;
use TruePupil\Core\Situation\SceneFrames;
use TruePupil\Core\Situation\Situation;
use TruePupil\Core\Situation\Statement;

/**
 * Shoots an attempt at a ready brief with the practice camera, as its finder shows it, and judges it: what a student
 * sets there, what she says of it, and everything that the program then says.
 *
 * A frame is given by what is set on the camera (as ShotInput names it) and: "scene", "subject" and "eye" in fractions
 * of the frame, "marks", "intent" and "plan" in their open formats,
 * "reason", "placement", "row", "after" in seconds, "format".
 *
 * @phpstan-type PracticeFrame array<string, mixed>
 */
final readonly class PracticeAttempt
{
    private const START = '2026-05-04 10:00:00+02:00';

    /** @param  list<Situation>  $situations  frame by frame */
    private function __construct(private Brief $brief, private array $situations)
    {
    }

    /** @param  list<PracticeFrame>  $frames */
    public static function at(string $brief, array $frames): self
    {
        $brief = BriefFormat::read(File::json(resource_path("briefs/$brief.json"), JSON_THROW_ON_ERROR));
        $outfits = CameraSetups::ofDemo();
        $taken = [];
        foreach ($frames as $index => $frame) {
            $taken[] = [...self::taken($frame, $outfits, $index), 'facts' => $frame];
        }
        $situations = [];
        foreach (array_keys($taken) as $index) {
            $situations[] = self::situation($brief, $taken, $index, $outfits->kit);
        }

        return new self($brief, $situations);
    }

    /** @return list<string> what is not met, as "frame: check verdict" */
    public function unmet(): array
    {
        $unmet = [];
        foreach ($this->situations as $index => $situation) {
            foreach (CheckEvaluation::of($this->brief, $situation) as $result) {
                if ($result->verdict->value !== 'met') {
                    $unmet[] = sprintf('%d: %s %s', $index, $result->check->id, $result->verdict->value);
                }
            }
        }

        return $unmet;
    }

    /** @return list<string> ids of checks that are not met in some frame, or almost */
    public function caughtBy(): array
    {
        return array_values(
            array_unique(array_map(fn (string $one): string => explode(' ', $one)[1], array_filter(
                $this->unmet(),
                fn (string $one): bool => ! str_ends_with($one, 'unknown'),
            ))),
        );
    }

    /** @return list<string> sentences of what is to be put right */
    public function faults(): array
    {
        $faults = [];
        $critic = app(Critic::class);
        foreach ($this->situations as $index => $situation) {
            $checks = CheckEvaluation::of($this->brief, $situation);
            foreach (Agreement::of($critic->judge($situation), $checks, $critic->rules) as $finding) {
                if ($finding->severity->value === 'fault') {
                    $faults[] = sprintf('%d: %s: %s', $index, $finding->id, $finding->sentence);
                }
            }
        }

        return $faults;
    }

    /**
     * @param  PracticeFrame  $frame
     * @return array{record: CaptureRecord, measures: FrameMeasures}
     */
    private static function taken(array $frame, CameraSetups $outfits, int $index): array
    {
        $at = (new DateTimeImmutable($frame['at'] ?? self::START))->modify(
            sprintf('+%d milliseconds', (int) round(1000 * ($frame['after'] ?? 60 * $index))),
        );
        $shot = (new ShotInput($frame))->shot(Scene::find($frame['scene']), $outfits, $at);
        [$record, $measures] = self::shot($frame, $shot);

        return [
            'record' => new CaptureRecord(
                camera: $record->camera,
                lens: $record->lens,
                exposure: $record->exposure,
                handling: $record->handling,
                takenAt: $at,
                support: ($frame['said'] ?? '') === 'nothing' ? null : $shot->hold->support,
            ),
            'measures' => $measures,
        ];
    }

    /**
     * One picture serves all attempts that would look the same.
     *
     * @param  PracticeFrame  $frame
     * @return array{CaptureRecord, FrameMeasures}
     */
    private static function shot(array $frame, Shot $shot): array
    {
        /** @var array<string, array{CaptureRecord, FrameMeasures}> $known */
        static $known = [];
        $seen = array_intersect_key($frame, array_flip(['scene', 'subject', 'eye', 'turned', 'marks', 'pan']));
        $key = (string) json_encode([(new ShotInput($frame))->texts, $seen]);
        if (isset($known[$key])) {
            return $known[$key];
        }
        $reading = app(Finder::class)->look($shot);
        if ((new ShotInput($frame))->quality()->hasRaw()) {
            return $known[$key] = self::raw($frame, $shot, $reading);
        }
        $path = Pictures::path('jpg');
        // The finder keeps the outlines of what is out of focus; a missed focus must look missed.
        $quality = isset($frame['focus']) ? RenderQuality::small() : RenderQuality::finder();
        File::put($path, app(SceneRenderer::class)->picture($reading->rendering, $quality)->jpeg(94));
        self::turn($path, (float) ($frame['turned'] ?? 0));
        self::pan($path, $frame['pan'] ?? null);
        $measures = app(FrameMeasurer::class)->measure($path, self::marks($frame));
        File::delete($path);

        return $known[$key] = [Shutter::record($shot, $reading), $measures];
    }

    /**
     * @param  PracticeFrame  $frame
     * @return array{CaptureRecord, FrameMeasures}
     */
    private static function raw(array $frame, Shot $shot, FinderReading $reading): array
    {
        $path = Pictures::path('dng');
        app(Shutter::class)->press($shot, null, $path, RenderQuality::small());
        $measures = app(FrameMeasurer::class)->measure($path, self::marks($frame));
        File::delete($path);

        return [Shutter::record($shot, $reading), $measures];
    }

    /** @param  PracticeFrame  $frame */
    private static function marks(array $frame): Marks
    {
        return new Marks(
            isset($frame['subject']) ? Region::of(...$frame['subject']) : null,
            [
                ...isset($frame['eye']) ? [Mark::of(MarkKind::Eye, [$frame['eye']])] : [],
                ...array_map(Mark::read(...), $frame['marks'] ?? []),
            ],
        );
    }

    /**
     * As if the camera had been turned aside.
     *
     * @param  ?array{float, float}  $pan  from how far across, and how much of the view
     */
    private static function pan(string $path, ?array $pan): void
    {
        if ($pan === null) {
            return;
        }
        $image = imagecreatefromjpeg($path) ?: throw new RuntimeException('No picture.');
        $cut = imagecrop($image, [
            'x' => (int) ($pan[0] * imagesx($image)),
            'y' => 0,
            'width' => (int) ($pan[1] * imagesx($image)),
            'height' => imagesy($image),
        ]);
        imagejpeg($cut ?: throw new RuntimeException('It cannot be cut.'), $path, 94);
    }

    /** As if the camera had leaned by so many degrees; cut to what is left of the frame. */
    private static function turn(string $path, float $degrees): void
    {
        if ($degrees === 0.0) {
            return;
        }
        [$width, $height] = getimagesize($path) ?: [0, 0];
        $turned = imagerotate(imagecreatefromjpeg($path) ?: throw new RuntimeException('No picture.'), -$degrees, 0);
        $kept = 1 / (cos(deg2rad(abs($degrees))) + ($width / $height) * sin(deg2rad(abs($degrees))));
        [$w, $h] = [(int) ($width * $kept), (int) ($height * $kept)];
        $cut = imagecrop($turned ?: throw new RuntimeException('It does not turn.'), [
            'x' => intdiv(imagesx($turned) - $w, 2),
            'y' => intdiv(imagesy($turned) - $h, 2),
            'width' => $w,
            'height' => $h,
        ]);
        imagejpeg($cut ?: throw new RuntimeException('It cannot be cut.'), $path, 94);
    }

    /** @param  list<array{record: CaptureRecord, measures: FrameMeasures, facts: PracticeFrame}>  $row */
    private static function work(array $row): SceneWork
    {
        return new SceneWork(array_map(function (array $one): SceneFrame {
            $facts = $one['facts'];
            $marks = new Marks(
                isset($facts['subject']) ? Region::of(...$facts['subject']) : null,
                isset($facts['horizon']) ? [Mark::of(MarkKind::Horizon, $facts['horizon'])] : [],
            );

            return SceneFrames::of(
                $one['record'],
                $one['measures'],
                IntentFormat::read(Fields::of($facts['intent'] ?? [])),
                $marks->cameraHeight(),
            );
        }, $row));
    }

    /** @param  list<array{record: CaptureRecord, measures: FrameMeasures, facts: PracticeFrame}>  $taken */
    private static function situation(Brief $brief, array $taken, int $index, Kit $kit): Situation
    {
        $one = $taken[$index];
        $facts = $one['facts'];
        $rowId = $brief->row($facts['row'] ?? null)?->id;
        $row = array_values(
            array_filter(
                $taken,
                fn (array $other): bool => $brief->row($other['facts']['row'] ?? null)?->id === $rowId,
            ),
        );
        $isLast = $row[count($row) - 1] === $one;
        $series =
            count($row) > 1 && $isLast
                ? Series::of(array_column($row, 'record'), $brief->row($facts['row'] ?? null)?->kind)
                : null;

        return new Situation(
            record: $one['record'],
            measures: $one['measures'],
            approach: new Approach(),
            assignment: new Assignment(
                brief: $brief,
                wanted: $brief->placement($facts['placement'] ?? null),
                row: $rowId,
                isWithinRow: count($row) > 1 && ! $isLast,
                series: $series,
                rowPictures: $series === null ? [] : array_map(fn (array $one) => $one['measures']->thumb, $row),
                rowTones: $series === null ? [] : array_map(fn (array $one) => $one['measures']->tone, $row),
                rowFrames: $rowId === null ? null : count($row),
                rowKind: $brief->row($facts['row'] ?? null)?->kind,
                work: count($row) > 1 && $isLast ? self::work($row) : null,
            ),
            kit: isset($facts['kit']) ? KitFormat::read(Fields::of($facts['kit'])) : $kit,
            statement: new Statement(
                intent: IntentFormat::read(Fields::of($facts['intent'] ?? [])),
                plan: isset($facts['plan']) ? PlanFormat::read(Fields::of($facts['plan'])) : null,
                reason: (string) ($facts['reason'] ?? ''),
                hasFavourite: ($facts['favourite'] ?? '') !== '',
                wouldHang: $facts['hang'] ?? null,
            ),
            earlier: array_column(array_slice($taken, 0, $index), 'record'),
            file: new FileKind(
                format: $facts['format'] ?? ((new ShotInput($facts))->quality()->hasRaw() ? 'DNG' : 'JPEG'),
                colourSpace: $facts['colourSpace'] ?? 'sRGB',
            ),
        );
    }
}
