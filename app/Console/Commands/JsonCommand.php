<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Imaging\OutsideProgramFailed;
use App\Imaging\SubjectMask;
use Illuminate\Console\Command;
use InvalidArgumentException;
use Symfony\Component\Console\Input\InputInterface;
use Throwable;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Seen\Seen;
use TruePupil\Core\Seen\SeenFormat;

/** A headless command: one JSON object on standard output; 0 done, 1 the input is at fault, 2 we are. */
abstract class JsonCommand extends Command
{
    public function handle(): int
    {
        try {
            $this->print($this->answer());

            return 0;
        } catch (UnreadablePicture $problem) {
            return $this->refuse('unreadable-picture', $problem->getMessage(), 1);
        } catch (InvalidArgumentException $problem) {
            return $this->refuse('bad-input', $problem->getMessage(), 1);
        } catch (OutsideProgramFailed $problem) {
            return $this->refuse('tool-failed', $problem->getMessage(), 2);
        } catch (Throwable $problem) {
            report($problem);

            return $this->refuse('internal', $problem->getMessage(), 2);
        }
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidArgumentException|UnreadablePicture when the input is at fault
     */
    abstract protected function answer(): array;

    /** It asks nobody anything, and need not load what asks. */
    protected function configurePrompts(InputInterface $input): void
    {
    }

    /** The JSON file that an option names. @throws InvalidArgumentException */
    protected function json(string $option): Fields
    {
        $path = $this->textOption($option) ?? '';

        return is_file($path)
            ? Fields::parse((string) file_get_contents($path))
            : throw new InvalidArgumentException(sprintf('There is no file "%s" to read the %s from.', $path, $option));
    }

    /** The file that an argument names, from the folder that the command is called in. */
    protected function file(string $argument): string
    {
        $given = $this->argument($argument);

        return self::fromHere(is_string($given) ? $given : '');
    }

    /**
     * The files that an argument names, likewise.
     *
     * @return list<string>
     */
    protected function files(string $argument): array
    {
        return array_map(
            self::fromHere(...),
            array_values(array_filter((array) $this->argument($argument), is_string(...))),
        );
    }

    private static function fromHere(string $path): string
    {
        $found = realpath($path);

        // What is not there is told by its own name.
        return $found === false ? $path : $found;
    }

    /** What an option holds; null where it is not given, or the command has none of this name. */
    protected function textOption(string $name): ?string
    {
        $value = $this->hasOption($name) ? $this->option($name) : null;

        return is_string($value) ? $value : null;
    }

    /** What --subject, --mask and --marks say together. @throws InvalidArgumentException */
    protected function marks(): Marks
    {
        $subject = Marks::ofSubject($this->textOption('subject'))->subject;

        $marks = $this->textOption('marks') === null
            ? new Marks($subject)
            : Marks::read(
                $subject,
                array_map(fn (Fields $mark): array => $mark->toArray(), $this->json('marks')->parts('marks')),
            );
        $mask = $this->textOption('mask');

        return $mask === null ? $marks : $marks->withShape(SubjectMask::read(self::fromHere($mask)));
    }

    /** What --faces, --bodies and --objects say was found in the picture. @throws InvalidArgumentException */
    protected function seen(): Seen
    {
        $parts = [];
        foreach (['faces' => 'faces', 'bodies' => 'bodies', 'objects' => 'things'] as $option => $part) {
            if ($this->textOption($option) !== null) {
                $parts[$part] = $this->json($option)->raw($part);
            }
        }

        // Whoever names them says that they are right.
        return SeenFormat::read(Fields::of([...$parts, 'confirmed' => true]));
    }

    private function refuse(string $code, string $message, int $exit): int
    {
        $this->print(['error' => ['code' => $code, 'message' => $message]]);
        fwrite(STDERR, $message.PHP_EOL);

        return $exit;
    }

    /** @param  array<string, mixed>  $answer */
    private function print(array $answer): void
    {
        // Raw, so that no angle bracket in a sentence is taken for console markup.
        $this->output->write(
            json_encode(
                $answer,
                JSON_THROW_ON_ERROR |
                    JSON_UNESCAPED_UNICODE |
                    JSON_UNESCAPED_SLASHES |
                    JSON_PRESERVE_ZERO_FRACTION |
                    JSON_INVALID_UTF8_SUBSTITUTE,
            ).PHP_EOL,
            false,
            \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
        );
    }
}
