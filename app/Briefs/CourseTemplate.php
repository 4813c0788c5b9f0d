<?php

declare(strict_types=1);

namespace App\Briefs;

use Illuminate\Support\Facades\File;

/** A ready course: its meetings in order, each with lessons, drills and briefs, and when they are due. */
final readonly class CourseTemplate
{
    private const ORDER = ['eight-evenings', 'five-days', 'afternoon'];

    /**
     * @param  list<array{
     *     at: string,
     *     title: string,
     *     lessons: list<string>,
     *     drills: list<string>,
     *     briefs: list<array{id: string, due: string}>,
     * }>  $meetings  "at" from the first meeting, "due" from its own, as ISO 8601 durations
     */
    private function __construct(public string $id, public string $title, public string $about, public array $meetings)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(
            function (string $id): self {
                $data = File::json(resource_path('courses/'.$id.'.json'), JSON_THROW_ON_ERROR);

                return new self($data['id'], $data['title'], $data['about'], $data['meetings']);
            },
            self::ORDER,
        );
    }

    public static function find(string $id): ?self
    {
        return array_values(array_filter(self::all(), fn (self $one): bool => $one->id === $id))[0] ?? null;
    }

    /** What it is made of, in a line. */
    public function consistsOf(): string
    {
        $count = fn (string $what): int => count(
            array_unique(array_merge(...array_map(fn (array $meeting): array => array_map(
                fn (mixed $one): string => is_array($one) ? (string) $one['id'] : (string) $one,
                (array) $meeting[$what],
            ), $this->meetings))),
        );

        return sprintf('%d briefs · %d lessons · %d drills', $count('briefs'), $count('lessons'), $count('drills'));
    }
}
