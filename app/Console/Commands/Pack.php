<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Briefs\BriefLibrary;
use App\Briefs\BriefPack;
use InvalidArgumentException;
use Symfony\Component\Console\Attribute\AsCommand;
use TruePupil\Core\Brief\Brief;

#[AsCommand('pupil:pack')]
final class Pack extends JsonCommand
{
    protected $signature =
        'pupil:pack {what : validate, import or export} {file} {--brief=* : ids to export; all by '.
        'default} {--title=Briefs} {--preview : say what an import would do, and do nothing}';

    protected $description = 'Checks, reads in or writes out a pack of briefs, and prints what it holds as JSON';

    protected function answer(): array
    {
        $library = app(BriefLibrary::class);
        $file = $this->file('file');

        return match ($this->argument('what')) {
            'validate' => ['valid' => true, ...$this->told($this->pack($file))],
            'import' => $this->import($library, $this->pack($file)),
            'export' => $this->export($library, $file),
            default => throw new InvalidArgumentException(
                sprintf('Say validate, import or export; got "%s".', $this->argument('what')),
            ),
        };
    }

    private function pack(string $file): BriefPack
    {
        return BriefPack::read(
            is_file($file)
                ? (string) file_get_contents($file)
                : throw new InvalidArgumentException(sprintf('There is no file "%s".', $file)),
        );
    }

    /** @return array<string, mixed> */
    private function import(BriefLibrary $library, BriefPack $pack): array
    {
        $known = array_map(fn (Brief $brief): string => $brief->id, $library->all());
        $new = array_values(
            array_filter($pack->briefs, fn (array $brief): bool => ! in_array($brief['id'], $known, true)),
        );
        if (! $this->option('preview')) {
            foreach ($new as $brief) {
                $library->add($brief);
            }
        }
        $ids = array_column($new, 'id');

        return [
            'preview' => (bool) $this->option('preview'),
            'added' => $ids,
            // What is there stays as it is: a course may have been taught with it.
            'kept' => array_values(array_diff(array_column($pack->briefs, 'id'), $ids)),
            ...$this->told($pack),
        ];
    }

    /** @return array<string, mixed> */
    private function export(BriefLibrary $library, string $file): array
    {
        if (file_exists($file)) {
            throw new InvalidArgumentException(sprintf('"%s" is there already and is not overwritten.', $file));
        }
        if (! is_dir(dirname($file)) || ! is_writable(dirname($file))) {
            throw new InvalidArgumentException(sprintf('"%s" cannot be written.', $file));
        }
        $ids =
            array_filter((array) $this->option('brief'), is_string(...)) ?:
            array_map(fn (Brief $brief): string => $brief->id, $library->all());
        $pack = BriefPack::of(
            (string) $this->option('title'),
            array_map(
                fn (string $id): array => $library->data($id) ??
                    throw new InvalidArgumentException(sprintf('There is no brief "%s".', $id)),
                array_values($ids),
            ),
        );
        file_put_contents($file, $pack->toJson());

        return ['file' => $file, ...$this->told($pack)];
    }

    /** @return array<string, mixed> */
    private function told(BriefPack $pack): array
    {
        return [
            'title' => $pack->title,
            'briefs' => array_map(
                fn (Brief $brief): array => [
                    'id' => $brief->id,
                    'number' => $brief->number,
                    'title' => $brief->words->title,
                    'checks' => count($brief->checks),
                    'frames' => $brief->frames->least,
                ],
                $pack->contents(),
            ),
        ];
    }
}
