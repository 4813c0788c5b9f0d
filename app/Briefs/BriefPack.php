<?php

declare(strict_types=1);

namespace App\Briefs;

use JsonException;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\InvalidBrief;
use TruePupil\Core\Checks\BriefFormat;

/** Briefs that travel together as one JSON file (docs/formats/brief-pack.schema.json). */
final readonly class BriefPack
{
    public const FORMAT = 'true-pupil.pack';

    public const VERSION = 1;

    /** A pack of a hundred long briefs is smaller. */
    private const LARGEST = 2_000_000;

    /** @param  list<array<mixed>>  $briefs  as a brief file has them */
    private function __construct(public string $title, public array $briefs)
    {
    }

    /** @param  list<array<mixed>>  $briefs  as a brief file has them */
    public static function of(string $title, array $briefs): self
    {
        return new self($title, $briefs);
    }

    /** @throws InvalidBrief naming the place in the file that is wrong */
    public static function read(string $json): self
    {
        if (strlen($json) > self::LARGEST) {
            throw InvalidBrief::at('pack', sprintf('larger than %d bytes', self::LARGEST));
        }
        try {
            $data = json_decode($json, flags: JSON_THROW_ON_ERROR);
        } catch (JsonException $problem) {
            throw InvalidBrief::at('pack', 'no JSON: '.$problem->getMessage());
        }
        $error = (new Validator())
            ->validate($data, (string) file_get_contents(base_path('docs/formats/brief-pack.schema.json')))
            ->error();
        if ($error !== null) {
            $found = (new ErrorFormatter())->formatFlat(
                $error,
                fn ($problem): string => '/'.
                    implode('/', $problem->data()->fullPath()).
                    ': '.
                    (new ErrorFormatter())->formatErrorMessage($problem),
            );
            throw InvalidBrief::at('pack', (string) end($found));
        }
        $pack = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        foreach ($pack['briefs'] as $brief) {
            // What a schema cannot say.
            BriefFormat::refuseSenseless(BriefFormat::read($brief));
        }
        $ids = array_column($pack['briefs'], 'id');
        if (count($ids) !== count(array_unique($ids))) {
            throw InvalidBrief::at(
                'briefs',
                'two of them have the same id: '.
                    implode(
                        ', ',
                        array_keys(array_filter(array_count_values($ids), fn (int $times): bool => $times > 1)),
                    ),
            );
        }

        return new self($pack['title'], $pack['briefs']);
    }

    /** @return list<Brief> */
    public function contents(): array
    {
        return array_map(BriefFormat::read(...), $this->briefs);
    }

    public function toJson(): string
    {
        return json_encode(
            ['format' => self::FORMAT, 'version' => self::VERSION, 'title' => $this->title, 'briefs' => $this->briefs],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )."\n";
    }
}
