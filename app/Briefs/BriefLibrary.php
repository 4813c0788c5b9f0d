<?php

declare(strict_types=1);

namespace App\Briefs;

use Illuminate\Support\Facades\File;
use JsonException;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\BriefFormat;
use TruePupil\Core\Brief\InvalidBrief;

/** The ready briefs that ship with the application. */
final class BriefLibrary
{
    /** @return list<Brief> in teaching order */
    public function all(): array
    {
        $briefs = array_map(fn (string $path): Brief => BriefFormat::read($this->decode($path)), File::glob(resource_path('briefs/*.json')));
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
        $path = resource_path('briefs/'.$id.'.json');

        return preg_match('/^[a-z0-9-]+$/', $id) === 1 && is_file($path) ? $this->decode($path) : null;
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
