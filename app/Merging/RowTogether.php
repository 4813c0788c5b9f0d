<?php

declare(strict_types=1);

namespace App\Merging;

use App\HandIn\WorkingCopies;
use App\Imaging\Vips\Encoding;
use App\Imaging\Vips\Vips;
use App\Models\Frame;
use TruePupil\Core\Raster\GreyGrid;
use TruePupil\Core\Series\MergeLook;
use TruePupil\Core\Series\Overlap;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Series\SeriesKind;
use TruePupil\Core\Tone\Srgb;

/** The frames of a row brought together, and what each of them gives to that. */
final readonly class RowTogether
{
    private const QUALITY = 86;

    /** % of the picture under which a frame is not needed. */
    private const NOTHING = 1.5;

    /** % of the width between which neighbours of a panorama share enough, and not too much. */
    private const LEAST_SHARED = 20.0;

    private const MOST_SHARED = 70.0;

    private const COLUMNS = 96;

    public function __construct(private WorkingCopies $copies, private Vips $vips)
    {
    }

    /** What the row of a frame is brought together as; null for rows that are not, or have one frame. */
    public static function kind(Frame $frame): ?SeriesKind
    {
        $frames = self::frames($frame);
        $records = array_filter(array_map(fn (Frame $one) => $one->record(), $frames));
        $kind = $frame->attempt->content()->row($frame->row)->kind ??
            (count($records) === count($frames) ? Series::of(array_values($records))?->kind() : null);

        return count($frames) > 1 && in_array(
            $kind,
            [SeriesKind::Bracket, SeriesKind::FocusStack, SeriesKind::Panorama],
            true,
        ) ? $kind : null;
    }

    /** @return ?string a JPEG; null where it cannot be done */
    public function jpeg(Frame $frame, MergeLook $look): ?string
    {
        $paths = $this->paths($frame);

        return match (self::kind($frame)) {
            SeriesKind::Bracket => $this->exposures($frame) === null ? null : (new BracketMerge($this->vips))->jpeg(
                $paths,
                $this->exposures($frame),
                $look,
                self::QUALITY,
            ),
            SeriesKind::FocusStack => (new FocusMerge($this->vips))->jpeg($paths, self::QUALITY),
            SeriesKind::Panorama => (new PanoramaJoin($this->vips))->jpeg($paths, self::QUALITY),
            default => null,
        };
    }

    /** @return ?string which frame gives which part, as a JPEG in greys; null where nothing is weighed */
    public function parts(Frame $frame): ?string
    {
        $exposures = $this->exposures($frame);

        return match (self::kind($frame)) {
            SeriesKind::Bracket => $exposures === null
                ? null
                : (new BracketMerge($this->vips))->parts($this->paths($frame), $exposures, self::QUALITY),
            SeriesKind::FocusStack => (new FocusMerge($this->vips))->parts($this->paths($frame), self::QUALITY),
            default => null,
        };
    }

    /** @return list<string> what each frame gives, what is missing, and what is not needed */
    public function words(Frame $frame): array
    {
        $paths = $this->paths($frame);

        return match (self::kind($frame)) {
            SeriesKind::Bracket => $this->exposures($frame) === null
                ? ['The settings of a frame are not known: nobody can tell what belongs where.']
                : self::shared((new BracketMerge($this->vips))->shares($paths, $this->exposures($frame))),
            SeriesKind::FocusStack => self::shared((new FocusMerge($this->vips))->shares($paths)),
            SeriesKind::Panorama => $this->overlaps($paths),
            default => [],
        };
    }

    /** @return non-empty-list<Frame> the frame's row, in the order in which it was taken */
    public static function frames(Frame $frame): array
    {
        $rows = $frame->attempt->content();
        $row = $rows->row($frame->row)?->id;
        /** @var list<Frame> $frames */
        $frames = $frame->attempt->frames
            ->filter(fn (Frame $one): bool => $one->tags !== null && $rows->row($one->row)?->id === $row)
            ->sortBy(fn (Frame $one): array => $one->takenOrder())
            ->values()
            ->all();

        return $frames === [] ? [$frame] : $frames;
    }

    /**
     * @param  list<float>  $shares  %
     * @return list<string>
     */
    private static function shared(array $shares): array
    {
        $parts = array_map(
            fn (float $share, int $index): string => sprintf('frame %d gives %.0f %%', $index + 1, $share),
            $shares,
            array_keys($shares),
        );
        $spare = array_keys(array_filter($shares, fn (float $share): bool => $share < self::NOTHING));

        return [
            sprintf('Of the picture, %s.', implode(', ', $parts)),
            ...array_map(
                fn (int $index): string => sprintf('Frame %d gives next to nothing: was it needed?', $index + 1),
                $spare,
            ),
        ];
    }

    /**
     * @param  non-empty-list<string>  $paths
     * @return list<string>
     */
    private function overlaps(array $paths): array
    {
        $grids = array_map($this->grid(...), $paths);
        $words = [];
        foreach (array_slice($grids, 1) as $index => $grid) {
            $shared = Overlap::between($grids[$index], $grid)?->pct();
            $pair = sprintf('Frames %d and %d', $index + 1, $index + 2);
            $words[] = match (true) {
                $shared === null => $pair.' have nothing in common that can be found: one between them is missing.',
                $shared < self::LEAST_SHARED => sprintf(
                    '%s share %.0f %%: too little for a seam nobody sees. Take one more between them.',
                    $pair,
                    $shared,
                ),
                $shared > self::MOST_SHARED => sprintf(
                    '%s share %.0f %%: turn further, and one frame less is needed.',
                    $pair,
                    $shared,
                ),
                default => sprintf('%s share %.0f %%.', $pair, $shared),
            };
        }

        return $words;
    }

    private function grid(string $path): GreyGrid
    {
        $bytes = (new Encoding($this->vips))->open($path, 4 * self::COLUMNS);
        $rows = max(1, (int) round(self::COLUMNS * $bytes->height / $bytes->width));

        return GreyGrid::of(
            self::COLUMNS,
            $rows,
            $bytes->toFloat()->weighed(Srgb::WEIGHTS)->resized(self::COLUMNS, $rows)->floats(),
        );
    }

    /** @return non-empty-list<string> */
    private function paths(Frame $frame): array
    {
        $frame->loadMissing('attempt.frames.picture');

        return array_map(fn (Frame $one): string => $this->copies->path($one->picture), self::frames($frame));
    }

    /** @return ?non-empty-list<float> stops; null where the settings of one are not known */
    private function exposures(Frame $frame): ?array
    {
        $exposures = [];
        foreach (self::frames($frame) as $one) {
            $settings = $one->record()?->settings();
            if ($settings === null) {
                return null;
            }
            // More light is brighter: the lower the value that the settings suit.
            $exposures[] = -$settings->ev100()->value;
        }

        return $exposures;
    }
}
