<?php

declare(strict_types=1);

namespace App\Watch;

use App\Workers\NodePresence;
use Illuminate\Database\QueryException;
use Monolog\Formatter\FormatterInterface;
use Monolog\LogRecord;
use Stringable;
use Throwable;

/**
 * A line of the log is one JSON object: when, how grave, what, for which request, on which node. Nobody's name, address
 * or words are in it, and no secret: values of queries are left out, and what looks like an address of mail, a key or a
 * place on the network is blacked out.
 */
final class LogLine implements FormatterInterface
{
    private const FRAMES = 20;

    private const BLACKED_OUT = [
        '/[\p{L}\p{N}._%+-]+@[\p{L}\p{N}-]+(\.[\p{L}\p{N}-]+)*/u' => '[address]',
        '/\b(\d{1,3}\.){3}\d{1,3}\b/' => '[network]',
        '/((?:token|signature|password|secret|key|authorization)["\']?\s*[=:]\s*["\']?)[^\s"\'&,;]+/i' => '$1[secret]',
        '~/(new-password|set-password|confirm|claim)/[^\s"\']+~' => '/$1/[secret]',
        '/\b[0-9a-f]{32,}\b/i' => '[sum]',
    ];

    public function format(LogRecord $record): string
    {
        $context = $record->context;
        $problem = $context['exception'] ?? null;
        unset($context['exception'], $context['userId'], $context['email']);
        $line = [
            'at' => $record->datetime->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z'),
            'level' => strtolower($record->level->getName()),
            'message' => $problem instanceof Throwable ? self::told($problem) : self::black($record->message),
            'node' => NodePresence::name(),
            ...self::plain($record->extra),
            ...self::plain($context),
            ...$problem instanceof Throwable ? ['problem' => self::problem($problem)] : [],
        ];

        return json_encode(
            $line,
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE |
                JSON_PARTIAL_OUTPUT_ON_ERROR,
        )."\n";
    }

    /** @param  array<LogRecord>  $records */
    public function formatBatch(array $records): string
    {
        return implode('', array_map($this->format(...), $records));
    }

    public static function black(string $text): string
    {
        return preg_replace(array_keys(self::BLACKED_OUT), array_values(self::BLACKED_OUT), mb_scrub($text)) ?? '';
    }

    /** What happened, without the values that were at play. */
    public static function told(Throwable $problem): string
    {
        if ($problem instanceof QueryException) {
            $driver = (string) preg_replace("/'[^']*'/", "'…'", (string) $problem->getPrevious()?->getMessage());

            return self::black($driver.' in: '.$problem->getSql());
        }

        return self::black($problem->getMessage());
    }

    /** @return array<string, mixed> */
    private static function problem(Throwable $problem): array
    {
        $frames = [];
        foreach (array_slice($problem->getTrace(), 0, self::FRAMES) as $frame) {
            // Where, and never with what.
            $frames[] = sprintf('%s:%d', self::file((string) ($frame['file'] ?? '-')), $frame['line'] ?? 0);
        }
        $previous = $problem->getPrevious();

        return [
            'kind' => $problem::class,
            'where' => self::file($problem->getFile()).':'.$problem->getLine(),
            'trace' => $frames,
            ...$previous === null ? [] : ['because' => $previous::class.': '.self::told($previous)],
        ];
    }

    private static function file(string $path): string
    {
        return str_replace(base_path().'/', '', $path);
    }

    /**
     * @param  array<mixed>  $values
     * @return array<mixed>
     */
    private static function plain(array $values): array
    {
        return array_map(
            fn (mixed $value): mixed => match (true) {
                is_array($value) => self::plain($value),
                is_string($value) => self::black($value),
                $value instanceof Stringable => self::black((string) $value),
                $value === null, is_scalar($value) => $value,
                default => get_debug_type($value),
            },
            $values,
        );
    }
}
