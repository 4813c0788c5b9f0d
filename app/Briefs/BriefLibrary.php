<?php

declare(strict_types=1);

namespace App\Briefs;

use Illuminate\Support\Facades\File;
use JsonException;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\BriefFormat;
use TruePupil\Core\Brief\InvalidBrief;

/** The ready briefs that ship with the application, and those that were read in from packs. */
final class BriefLibrary
{
    /** @return list<Brief> in teaching order */
    public function all(): array
    {
        $briefs = array_map(fn (string $path): Brief => BriefFormat::read($this->decode($path)), [
            ...File::glob(resource_path('briefs/*.json')),
            ...File::glob($this->own('*')),
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
        $paths = preg_match('/^[a-z0-9-]+$/', $id) === 1 ? [resource_path('briefs/'.$id.'.json'), $this->own($id)] : [];
        foreach ($paths as $path) {
            if (is_file($path)) {
                return $this->decode($path);
            }
        }

        return null;
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
            $path = $this->own($read->id);
            File::ensureDirectoryExists(dirname($path));
            File::put(
                $path.'.part',
                json_encode(
                    $brief,
                    JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                )."\n",
            );
            File::move($path.'.part', $path);
        }

        return $read;
    }

    private function own(string $id): string
    {
        return storage_path('app/briefs/'.$id.'.json');
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
