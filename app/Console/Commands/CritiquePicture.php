<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Briefs\BriefLibrary;
use App\Imaging\FileAnalysis;
use App\View\RecordArray;
use InvalidArgumentException;
use Symfony\Component\Console\Attribute\AsCommand;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Capture\RecordedKit;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Critique\Critique;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Plan\PlanFormat;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Situation\Assignment;
use TruePupil\Core\Situation\FileKind;
use TruePupil\Core\Situation\Situation;
use TruePupil\Core\Situation\Statement;

/** Critique without interface or database. Several files are a series; what is said of the row is said once. */
#[AsCommand('pupil:critique')]
final class CritiquePicture extends JsonCommand
{
    protected $signature = 'pupil:critique {files* : pictures; more than one are a series}
        {--brief= : the id of a ready brief, or a brief file}
        {--placement= : which subject of the brief it is; the first when not said}
        {--subject= : x,y,w,h as fractions of the displayed frame}
        {--marks= : a JSON file with a list of further marks}
        {--mask= : a picture of the same view that is white where the subject is}
        {--faces= : a JSON file with the faces that are seen in it, as docs/formats/seen.md says}
        {--bodies= : likewise, people with their joints}
        {--objects= : likewise, things}
        {--support= : hand, braced, monopod or tripod}
        {--kit= : a JSON file with body, lenses and what else is at hand}
        {--plan= : a JSON file with what was intended}
        {--approach= : a JSON file with the course\'s choices}';

    protected $description = 'Checks, findings and suggestions for a picture or a series, as JSON';

    public function __construct(private readonly BriefLibrary $library)
    {
        parent::__construct();
    }

    protected function answer(): array
    {
        // A hundred rules are loaded while the first picture is decoded.
        $before = fn (): Critic => app(Critic::class);
        [$brief, $approach] = [$this->brief(), $this->approach()];
        $kit = $this->option('kit') === null ? null : KitFormat::read($this->json('kit'));
        $plan = $this->option('plan') === null ? null : PlanFormat::read($this->json('plan'));
        $input = new StatedFields(support: $this->support() ?? $plan?->support);
        [$marks, $seen, $pictures] = [$this->marks(), $this->seen(), []];
        foreach ($this->files('files') as $path) {
            [$picture, $measures] = app(FileAnalysis::class)->critiqued($path, $marks, $before, $seen);
            $pictures[] = [
                'path' => $path,
                'picture' => $picture,
                'record' => $input->fillIn($picture->capture),
                'measures' => $measures,
            ];
        }
        usort($pictures, fn (array $a, array $b): int => $a['record']->takenAt <=> $b['record']->takenAt);
        $records = array_column($pictures, 'record');
        $series = Series::of($records, $brief?->frames->series);
        $frames = [];
        foreach ($pictures as $index => $it) {
            $situation = new Situation(
                record: $it['record'],
                measures: $it['measures'],
                approach: $approach,
                assignment: new Assignment(
                    wanted: $brief?->placement($this->option('placement') ?? ($brief->placements[0]->id ?? null)),
                    brief: $brief,
                    series: $index === count($pictures) - 1 ? $series : null,
                    rowPictures: array_values(
                        array_filter(array_map(fn (array $one) => $one['measures']->thumb, $pictures)),
                    ),
                    rowTones: array_map(fn (array $one) => $one['measures']->tone, $pictures),
                ),
                kit: RecordedKit::orOwn($kit, $it['record']),
                statement: new Statement(intent: $plan->intent ?? new Intent(), plan: $plan),
                earlier: array_slice($records, 0, $index),
                file: new FileKind(format: $it['picture']->format, colourSpace: $it['picture']->colourSpace),
            );
            $frames[] = [
                'file' => basename($it['path']),
                'record' => RecordArray::of($it['picture']),
                'measures' => $it['measures']->toArray(),
                ...Critique::of($situation, app(Critic::class))->toArray(),
            ];
        }

        return count($frames) === 1 ? array_diff_key($frames[0], ['file' => true]) : $this->asSeries($frames, $series);
    }

    /**
     * The first frame's record and measures stand at the top as for one file; findings and checks say which frame they
     * are of.
     *
     * @param  list<array<string, mixed>>  $frames
     * @return array<string, mixed>
     */
    private function asSeries(array $frames, ?Series $series): array
    {
        $tagged = fn (string $part): array => array_merge(
            ...array_map(
                fn (int $index): array => array_map(
                    fn (array $item): array => [
                        ...$item,
                        'frame' => ($item['topic'] ?? null) === 'series' ? null : $index + 1,
                    ],
                    $frames[$index][$part],
                ),
                array_keys($frames),
            ),
        );

        return [
            'record' => $frames[0]['record'],
            'measures' => $frames[0]['measures'],
            'checks' => $tagged('checks'),
            'findings' => $tagged('findings'),
            'further' => $tagged('further'),
            'suggestions' => $tagged('suggestions'),
            'series' => $series === null
                    ? null
                    : [
                        'kind' => $series->kind()->value,
                        'moving' => $series->moving(),
                        'exposures' => $series->exposures(),
                        'steps' => $series->steps(),
                    ],
            'frames' => $frames,
        ];
    }

    private function brief(): ?Brief
    {
        $named = $this->option('brief');
        if ($named === null) {
            return null;
        }
        $brief = is_file($named) ? $this->library->fromFile($named) : $this->library->find($named);

        return $brief ??
            throw new InvalidArgumentException(sprintf('There is no ready brief and no file called "%s".', $named));
    }

    private function support(): ?Support
    {
        $named = $this->option('support');

        return $named === null
            ? null
            : Support::tryFrom($named) ??
                    throw new InvalidArgumentException(
                        sprintf('"%s" is no support; write hand, braced, monopod or tripod.', $named),
                    );
    }

    private function approach(): Approach
    {
        $choices = $this->option('approach') === null ? [] : $this->json('approach')->toArray();

        return Approach::fromArray($choices);
    }
}
