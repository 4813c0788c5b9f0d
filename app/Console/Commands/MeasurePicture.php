<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Imaging\FileAnalysis;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:measure')]
final class MeasurePicture extends JsonCommand
{
    protected $signature = 'pupil:measure {file : a picture} {--subject= : x,y,w,h as fractions of the displayed frame}
        {--mask= : a picture of the same view that is white where the subject is}
        {--faces= : a JSON file with the faces that are seen in it, as docs/formats/seen.md says}
        {--bodies= : likewise, people with their joints}
        {--objects= : likewise, things}
        {--marks= : a JSON file with a list of further marks}';

    protected $description = 'The measures of a picture, as JSON';

    protected function answer(): array
    {
        return app(FileAnalysis::class)->measure($this->file('file'), $this->marks(), $this->seen())->toArray();
    }
}
