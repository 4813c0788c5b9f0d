<?php

declare(strict_types=1);

namespace App\Briefs;

use App\Models\ReadBrief;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\File;
use JsonException;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\InvalidBrief;
use TruePupil\Core\Checks\BriefFormat;

/** The ready briefs that ship with the application, and those that were read in from packs. */
final class BriefLibrary
{
    /** @return list<Brief> in teaching order */
    public function all(): array
    {
        $briefs = array_map(BriefFormat::read(...), [
            ...array_map($this->decode(...), File::glob(resource_path('briefs/*.json'))),
            ...$this->readIn()->map(fn (ReadBrief $read): array => $read->brief)->all(),
        ]);
        usort($briefs, fn (Brief $a, Brief $b): int => $a->number <=> $b->number);

        return $briefs;
    }

    public function find(string $id): ?Brief
    {
        $data = $this->data($id);

        return $data === null ? null : BriefFormat::read($data);
    }

    /** @return ?array<mixed> the brief as its file has it, for keeping with a course */
    public function data(string $id): ?array
    {
        if (preg_match('/^[a-z0-9-]+$/', $id) !== 1) {
            return null;
        }
        $path = resource_path('briefs/'.$id.'.json');

        return is_file($path) ? $this->decode($path) : $this->readIn($id)->first()?->brief;
    }

    /**
     * Keeps a brief beside the ready ones. One of the same id stays as it is.
     *
     * @param  array<mixed>  $brief  as a brief file has it
     *
     * @throws InvalidBrief
     */
    public function add(array $brief): Brief
    {
        $read = BriefFormat::read($brief);
        if (preg_match('/^[a-z0-9-]+$/', $read->id) !== 1) {
            throw InvalidBrief::at('id', 'expected letters, digits and hyphens');
        }
        if ($this->data($read->id) === null) {
            ReadBrief::query()->createOrFirst(['id' => $read->id], ['brief' => $brief]);
        }

        return $read;
    }

    /**
     * Those that were read in. Commands that look at files do without a database: the ready briefs are all they have
     * then.
     *
     * @return Collection<int, ReadBrief>
     */
    private function readIn(?string $id = null): Collection
    {
        try {
            return ReadBrief::query()
                ->when($id, fn (Builder $query): Builder => $query->whereKey($id))
                ->get();
        } catch (QueryException $problem) {
            return app()->runningInConsole() ? new Collection() : throw $problem;
        }
    }

    /** @throws InvalidBrief */
    public function fromFile(string $path): Brief
    {
        return BriefFormat::read($this->decode($path));
    }

    /** @return array<mixed> */
    private function decode(string $path): array
    {
        try {
            $data = json_decode((string) @file_get_contents($path), true, flags: JSON_THROW_ON_ERROR);
        } catch (JsonException $problem) {
            throw InvalidBrief::at('file', $problem->getMessage());
        }

        return is_array($data) ? $data : throw InvalidBrief::at('file', 'expected a JSON object');
    }
}
