<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

/** An exercise: its purpose, cautions, the subjects it offers and its checks. */
final readonly class Brief
{
    /**
     * @param  list<Placement>  $placements  the subjects to choose from and where each belongs
     * @param  list<Check>  $checks
     * @param  list<DecisionAsked>  $decisions  values that the student is to decide
     * @param  int  $revision  counts up when the brief is changed
     * @param  ?string  $scene  of the practice camera, to try it in
     * @param  ?BriefTopic  $topic  null: under no topic
     */
    public function __construct(
        public string $id,
        public int $number,
        public BriefWords $words,
        public BriefFrames $frames,
        public array $placements,
        public array $checks,
        public array $decisions = [],
        public int $revision = 1,
        public ?string $scene = null,
        public ?BriefTopic $topic = null,
    ) {
    }

    /** @return list<Row> none where every frame stands for itself */
    public function rows(): array
    {
        return $this->frames->rows !== [] || $this->frames->series === null
            ? $this->frames->rows
            : [
                new Row(
                    Row::ONLY,
                    ucfirst($this->frames->series->label()),
                    $this->frames->series,
                    $this->frames->least,
                ),
            ];
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
        return max($this->frames->least, $this->frames->most ?? 0);
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
