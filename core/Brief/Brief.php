<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Series\SeriesKind;

/** An exercise: its purpose, cautions, the subjects it offers and its checks. */
final readonly class Brief
{
    /**
     * @param  list<string>  $task  what to do, step by step
     * @param  list<string>  $cautions
     * @param  list<Placement>  $placements  the subjects to choose from and where each belongs
     * @param  list<Check>  $checks
     * @param  list<DecisionAsked>  $decisions  values that the student is to decide
     * @param  ?SeriesKind  $series  what several frames are to be, where they are one row
     * @param  list<Row>  $rows  where they are several rows
     * @param  ?int  $most  how many frames an attempt may have; as many as it wants where null
     * @param  int  $revision  counts up when the brief is changed
     * @param  ?string  $scene  of the practice camera, to try it in
     * @param  list<string>  $prompts  what to think about while planning
     */
    public function __construct(
        public string $id,
        public int $number,
        public string $title,
        public string $purpose,
        public array $task,
        public int $frames,
        public array $cautions,
        public array $placements,
        public array $checks,
        public array $decisions = [],
        public ?SeriesKind $series = null,
        private array $rows = [],
        private ?int $most = null,
        public int $revision = 1,
        public ?string $scene = null,
        public array $prompts = [],
    ) {
    }

    /** @return list<Row> none where every frame stands for itself */
    public function rows(): array
    {
        return $this->rows !== [] || $this->series === null
            ? $this->rows
            : [new Row(Row::ONLY, ucfirst($this->series->label()), $this->series, $this->frames)];
    }

    /** The row of an id; the first where there is no such row. */
    public function row(?string $id): ?Row
    {
        $rows = $this->rows();
        foreach ($rows as $row) {
            if ($row->id === $id) {
                return $row;
            }
        }

        return $rows[0] ?? null;
    }

    /** How many frames an attempt may have. */
    public function most(): int
    {
        return max($this->frames, $this->most ?? 0);
    }

    public function placement(?string $id): ?Placement
    {
        foreach ($this->placements as $placement) {
            if ($placement->id === $id) {
                return $placement;
            }
        }

        return null;
    }
}
