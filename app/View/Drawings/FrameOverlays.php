<?php

declare(strict_types=1);

namespace App\View\Drawings;

use TruePupil\Core\Composition\Ideas;
use TruePupil\Core\Composition\Leads;
use TruePupil\Core\Composition\Lines;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\PlaceName;
use TruePupil\Core\Measures\FrameMeasures;

/**
 * What can be laid over a picture at the desk: lost and blocked places, sharpness, attention, edges, ideas, lines.
 * Geometry in thousandths of the frame's width; each with its numbers in words.
 */
final readonly class FrameOverlays
{
    public const WIDTH = 1000;

    private function __construct(private FrameMeasures $measures, private float $aspect, private Marks $marks)
    {
    }

    /** @return ?self null where older rules measured no composition */
    public static function of(FrameMeasures $measures, Marks $marks = new Marks()): ?self
    {
        return $measures->composition === null ? null : new self($measures, $measures->composition->aspect, $marks);
    }

    public function height(): float
    {
        return round(self::WIDTH / $this->aspect, 1);
    }

    /**
     * @return array<string, array{label: string, text: string}>
     *   by the name of the view, in the order of the toolbar
     */
    public function views(): array
    {
        $views = [
            'ends' => ['label' => 'lost and blocked', 'text' => $this->endsText()],
            'sharpness' => ['label' => 'sharpness', 'text' => $this->sharpnessText()],
            'attention' => ['label' => 'attention', 'text' => $this->attentionText()],
            'edges' => ['label' => 'edges', 'text' => $this->edgesText()],
            'ideas' => ['label' => 'ideas', 'text' => $this->ideasText()],
            'lines' => ['label' => 'lines and tilt', 'text' => $this->linesText()],
        ];
        if ($this->marks->list !== []) {
            $views['marks'] = ['label' => 'marks', 'text' => $this->marksText()];
        }

        return $this->measures->focus === null ? array_diff_key($views, ['sharpness' => true]) : $views;
    }

    /** @return array{lost: string, blocked: string} paths over the places */
    public function ends(): array
    {
        $ends = $this->measures->ends;

        return $ends === null
            ? ['lost' => '', 'blocked' => '']
            : [
                'lost' => CellPath::of($ends->lost, $ends->columns, $ends->rows, self::WIDTH, $this->height()),
                'blocked' => CellPath::of($ends->blocked, $ends->columns, $ends->rows, self::WIDTH, $this->height()),
            ];
    }

    /**
     * @return list<array{x: float, y: float, width: float, height: float, strength: float}>
     *   blocks that could be judged
     */
    public function sharpness(): array
    {
        $focus = $this->measures->focus;
        $blocks = [];
        foreach ($focus->map ?? [] as $index => $value) {
            if ($value !== null && $focus !== null) {
                [$width, $height] = [self::WIDTH / $focus->columns, $this->height() / $focus->rows];
                $blocks[] = [
                    'x' => round(($index % $focus->columns) * $width, 1),
                    'y' => round(intdiv($index, $focus->columns) * $height, 1),
                    'width' => round($width, 1),
                    'height' => round($height, 1),
                    'strength' => round(min(1.0, $value / max(0.05, $focus->sharpness ?? 1.0)), 2),
                ];
            }
        }

        return $blocks;
    }

    /** @return ?array{x: float, y: float} */
    public function sharpest(): ?array
    {
        return $this->place($this->measures->focus?->sharpest);
    }

    /** @return list<array{x: float, y: float, radius: float, number: int}> */
    public function attention(): array
    {
        $rings = [];
        foreach ($this->measures->composition->attention->peaks ?? [] as $index => $peak) {
            $rings[] = [
                'x' => $peak['x'] * self::WIDTH,
                'y' => $peak['y'] * $this->height(),
                'radius' => round(16 + 44 * $peak['weight'], 1),
                'number' => $index + 1,
            ];
        }

        return $rings;
    }

    /** @return ?array{x: float, y: float} */
    public function balance(): ?array
    {
        return $this->place($this->measures->composition?->attention->balance);
    }

    /** @return list<array{x: float, y: float, width: float, height: float}> */
    public function edges(): array
    {
        $deep = 22.0;
        $strips = [];
        foreach ($this->measures->composition->edges ?? [] as $run) {
            $along = $run['side'] === 'top' || $run['side'] === 'bottom' ? self::WIDTH : $this->height();
            [$from, $length] = [$run['from'] * $along, ($run['to'] - $run['from']) * $along];
            $strips[] = match ($run['side']) {
                'top' => ['x' => $from, 'y' => 0.0, 'width' => $length, 'height' => $deep],
                'bottom' => ['x' => $from, 'y' => $this->height() - $deep, 'width' => $length, 'height' => $deep],
                'left' => ['x' => 0.0, 'y' => $from, 'width' => $deep, 'height' => $length],
                default => ['x' => self::WIDTH - $deep, 'y' => $from, 'width' => $deep, 'height' => $length],
            };
        }

        return $strips;
    }

    /** @return array{thirds: string, golden: string, diagonals: string, centre: string} paths of the grids */
    public function ideas(): array
    {
        [$w, $h] = [self::WIDTH, $this->height()];
        $grid = fn (float $share): string => implode(
            '',
            array_map(fn (float $s): string => sprintf('M%.1f,0V%.1fM0,%.1fH%d', $s * $w, $h, $s * $h, $w), [
                $share,
                1 - $share,
            ]),
        );

        return [
            'thirds' => $grid(1 / 3),
            'golden' => $grid(Ideas::GOLDEN),
            'diagonals' => sprintf('M0,0L%d,%.1fM%d,0L0,%.1f', $w, $h, $w, $h),
            'centre' => sprintf('M%.1f,0V%.1fM0,%.1fH%d', $w / 2, $h, $h / 2, $w),
        ];
    }

    /** @return list<array{x1: float, y1: float, x2: float, y2: float}> */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->measures->composition->lines ?? [] as $line) {
            $tangent = tan(deg2rad($line['angle']));
            if ($line['upright']) {
                $x = $line['at'] * self::WIDTH;
                $half = $this->height() / 2;
                $lines[] = [
                    'x1' => round($x + $tangent * $half, 1),
                    'y1' => 0.0,
                    'x2' => round($x - $tangent * $half, 1),
                    'y2' => $this->height(),
                ];
            } else {
                $y = $line['at'] * $this->height();
                $lines[] = [
                    'x1' => 0.0,
                    'y1' => round($y - ($tangent * self::WIDTH) / 2, 1),
                    'x2' => (float) self::WIDTH,
                    'y2' => round($y + ($tangent * self::WIDTH) / 2, 1),
                ];
            }
        }

        return $lines;
    }

    /** @return list<array{x1: float, y1: float, x2: float, y2: float}> straight edges that run to the subject */
    public function leads(): array
    {
        [$subject, $composition] = [$this->measures->subject?->region, $this->measures->composition];
        $leads =
            $subject === null || $composition === null
                ? []
                : Leads::to($subject, $composition->segments, $this->aspect);

        return array_map(
            fn (array $line): array => [
                'x1' => round($line['x1'] * self::WIDTH, 1),
                'y1' => round($line['y1'] * $this->height(), 1),
                'x2' => round($line['x2'] * self::WIDTH, 1),
                'y2' => round($line['y2'] * $this->height(), 1),
            ],
            $leads,
        );
    }

    /**
     * @return list<array{kind: string, label: string, path: string, x: float, y: float}>
     *   what was drawn besides the subject
     */
    public function marks(): array
    {
        return array_map(function (Mark $mark): array {
            $corners = array_map(
                fn (array $point): string => sprintf('%.1f,%.1f', $point[0] * self::WIDTH, $point[1] * $this->height()),
                $mark->outline(),
            );
            [$x, $y] = [$mark->points[0][0] * self::WIDTH, $mark->points[0][1] * $this->height()];

            return [
                'kind' => $mark->kind->value,
                'label' => $mark->kind->value,
                'x' => round($x, 1),
                'y' => round($y, 1),
                'path' => count($corners) === 1
                        ? sprintf('M%.1f,%.1fh28M%.1f,%.1fv28', $x - 14, $y, $x, $y - 14)
                        : 'M'.implode('L', $corners).($mark->kind->isLine() ? '' : 'Z'),
            ];
        }, $this->marks->list);
    }

    private function marksText(): string
    {
        $found = $this->measures->claims->marks;
        $said = array_map(
            fn (array $share): string => sprintf('%s %.1f %% of the frame', $share['kind'], $share['sharePct']),
            $found->shares ?? [],
        );
        if ($found?->axis !== null) {
            $said[] = sprintf(
                'the sides of the axis are alike to %.2f, %s',
                $found->axis['score'],
                abs($found->axis['offPct']) < 0.5
                    ? 'and nowhere beside it more'
                    : sprintf(
                        'and %.1f %% of the width beside it to %.2f',
                        abs($found->axis['offPct']),
                        $found->axis['best'],
                    ),
            );
        }
        if ($found?->leads !== null) {
            $said[] = sprintf(
                '%d of %d marked lines reach the subject',
                $found->leads['leading'],
                $found->leads['marked'],
            );
        }
        if ($found?->surround !== null) {
            $said[] = sprintf('the frame within the frame holds %.0f %% of the subject', $found->surround['holdsPct']);
        }
        if ($this->measures->focus?->eye !== null) {
            $said[] = sprintf(
                'the eye is %.0f %% sharp, %.0f %% of what lies round it',
                100 * $this->measures->focus->eye->sharpness,
                100 * $this->measures->focus->eye->ratio,
            );
        }
        foreach ($found->distractions ?? [] as $place) {
            $said[] = sprintf(
                'the distraction %s takes %.1f %% of all attention',
                PlaceName::of($place['x'], $place['y']),
                $place['attentionPct'],
            );
        }
        $tilt = $this->marks->tilt($this->aspect);
        if ($tilt !== null) {
            $said[] = sprintf('the marked line leans %.1f°', $tilt);
        }

        return $said === [] ? 'The marks are measured when the frame is checked.' : ucfirst(implode('; ', $said)).'.';
    }

    private function endsText(): string
    {
        $tone = $this->measures->tone;
        $ends = $this->measures->ends;

        return sprintf(
            '%.2f %% lost in the highlights, the largest place %.2f %%; %.2f %% blocked in the shadows, the largest '.
                '%.2f %%.',
            $tone->lostHighlightsPct,
            $ends->largestLostPct ?? 0,
            $tone->blockedShadowsPct,
            $ends->largestBlockedPct ?? 0,
        );
    }

    private function sharpnessText(): string
    {
        $focus = $this->measures->focus;
        if ($focus?->sharpest === null) {
            return 'Too little texture to judge sharpness by.';
        }

        return sprintf(
            'Sharpest (%.0f %%) at %.0f %% across and %.0f %% down%s. Darker is sharper; plain parts are left out.',
            100 * ($focus->sharpness ?? 0.0),
            100 * $focus->sharpest['x'],
            100 * $focus->sharpest['y'],
            $focus->subject === null
                ? ''
                : sprintf('; the subject is %.0f %% sharp', 100 * $focus->subject->sharpness),
        );
    }

    private function attentionText(): string
    {
        $composition = $this->measures->composition;
        $peaks = [];
        foreach ($composition->attention->peaks ?? [] as $index => $peak) {
            $peaks[] = sprintf(
                '%d %s%s',
                $index + 1,
                PlaceName::of($peak['x'], $peak['y']),
                $index === 0 ? '' : sprintf(' (%.0f %% as strong)', 100 * $peak['weight']),
            );
        }

        return sprintf(
            'Draws the eye, the strongest first: %s%s. The cross is the balance of all.',
            implode(', ', $peaks) ?: 'nothing in particular',
            $composition?->attention->subjectShare === null
                ? ''
                : sprintf('; the subject holds %.0f %% of all attention', 100 * $composition->attention->subjectShare),
        );
    }

    private function edgesText(): string
    {
        $runs = array_map(
            fn (array $run): string => sprintf(
                '%s from %.0f to %.0f %% of the %s edge',
                $run['kind'],
                100 * $run['from'],
                100 * $run['to'],
                $run['side'],
            ),
            $this->measures->composition->edges ?? [],
        );

        return $runs === [] ? 'Nothing at the edges pulls the eye out.' : ucfirst(implode('; ', $runs)).'.';
    }

    private function ideasText(): string
    {
        $distances = $this->measures->composition?->ideas;

        return $distances === null
            ? 'Solid: thirds; dashed: golden ratio; dotted: diagonals and centre. No subject is marked.'
            : sprintf(
                'Subject from thirds %.1f %%, golden ratio %.1f %%, diagonals %.1f %%, centre %.1f %% of the '.
                    'diagonal; it takes %.1f %% of the frame.',
                $distances['thirds'],
                $distances['golden'],
                $distances['diagonals'],
                $distances['centre'],
                $this->measures->subject?->region->sharePct() ?? 0,
            );
    }

    private function linesText(): string
    {
        $composition = $this->measures->composition;
        $tilt = $composition?->lean->tiltDeg;

        return ($tilt === null
            ? 'No line tells of tilt.'
            : sprintf(
                '%s %.1f° %s; straightening keeps %.0f %% of the frame.',
                $composition->lean->tiltFrom === 'mark' ? 'By the marked line it leans' : 'Leans',
                abs($tilt),
                $tilt >= 0 ? 'clockwise' : 'anticlockwise',
                100 * Lines::keptAfterTurning($tilt, $this->aspect),
            )).
            $this->leadsText().
            sprintf(
                ' Mirror symmetry %.2f, best about %.1f %% of the width.',
                $composition->symmetry->best ?? 0,
                100 * ($composition->symmetry->axis ?? 0),
            );
    }

    private function leadsText(): string
    {
        $count = count($this->leads());

        return $this->measures->subject === null
            ? ''
            : sprintf(
                ' %s to the subject.',
                match ($count) {
                    0 => 'No straight edge leads',
                    1 => 'One straight edge, drawn thick, leads',
                    default => sprintf('%d straight edges, drawn thick, lead', $count),
                },
            );
    }

    /**
     * @param  ?array{x: float, y: float}  $at
     * @return ?array{x: float, y: float}
     */
    private function place(?array $at): ?array
    {
        return $at === null
            ? null
            : ['x' => round($at['x'] * self::WIDTH, 1), 'y' => round($at['y'] * $this->height(), 1)];
    }
}
