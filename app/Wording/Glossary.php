<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Facades\File;
use Illuminate\Support\HtmlString;

/**
 * The words of the trade, each explained in a sentence or two: as a page, and where they are met. A word is marked
 * where a page has it first.
 */
final class Glossary
{
    /** @var array<string, true> terms that this page has marked already */
    private array $marked = [];

    /** @return list<Term> by the alphabet */
    public static function all(): array
    {
        static $all = null;
        if ($all === null) {
            $all = array_map(Term::of(...), File::json(resource_path('glossary.json'), JSON_THROW_ON_ERROR));
            usort($all, fn (Term $a, Term $b): int => strcasecmp($a->term, $b->term));
        }

        return $all;
    }

    public static function find(string $id): ?Term
    {
        foreach (self::all() as $term) {
            if ($term->id === $id) {
                return $term;
            }
        }

        return null;
    }

    /** A plain text as HTML, with the words that it is the first to use leading to what they mean. */
    public function mark(string $text): HtmlString
    {
        $parts = preg_split(self::pattern(), $text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [$text];
        $html = '';
        foreach ($parts as $index => $part) {
            $term = $index % 2 === 1 ? self::forms()[mb_strtolower($part)] ?? null : null;
            if ($term === null || isset($this->marked[$term])) {
                $html .= e($part);

                continue;
            }
            $this->marked[$term] = true;
            $html .= sprintf('<a class="term" href="/words#%1$s" data-term="%1$s">%2$s</a>', $term, e($part));
        }

        return new HtmlString($html);
    }

    /** @return array<string, string> ids by every form in small letters */
    private static function forms(): array
    {
        static $forms = null;
        if ($forms === null) {
            $forms = [];
            foreach (self::all() as $term) {
                foreach ([$term->term, ...$term->also] as $form) {
                    $forms[mb_strtolower($form)] = $term->id;
                }
            }
        }

        return $forms;
    }

    /** Whole words alone, the longest first, so that "exposure compensation" is one. */
    private static function pattern(): string
    {
        static $pattern = null;
        if ($pattern === null) {
            $forms = array_keys(self::forms());
            usort($forms, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
            $quoted = array_map(fn (string $form): string => preg_quote($form, '/'), $forms);
            $pattern = '/(?<![\p{L}\p{N}-])('.implode('|', $quoted).')(?![\p{L}\p{N}-])/iu';
        }

        return $pattern;
    }
}
