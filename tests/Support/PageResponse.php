<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Assert;
use Symfony\Component\HttpFoundation\Response;

/**
 * An answer of the application, whose page reads the same however its template is broken into lines.
 *
 * @extends TestResponse<Response>
 */
final class PageResponse extends TestResponse
{
    /** Pages with their white space as a browser shows it; everything else as it is. */
    public function getContent(): string|false
    {
        $content = $this->baseResponse->getContent();
        $isPage = str_starts_with((string) $this->baseResponse->headers->get('Content-Type'), 'text/html');

        return $isPage && is_string($content) ? (string) preg_replace('/\s+/', ' ', $content) : $content;
    }

    public function assertMarkup(string $markup): self
    {
        Assert::assertStringContainsString(self::flat($markup), self::flat((string) $this->getContent()));

        return $this;
    }

    public function assertNoMarkup(string $markup): self
    {
        Assert::assertStringNotContainsString(self::flat($markup), self::flat((string) $this->getContent()));

        return $this;
    }

    /** White space between tags, and before the end of one, counts for nothing. */
    private static function flat(string $markup): string
    {
        return trim((string) preg_replace(['/\s+/', '/\s*>\s*/', '/\s*</'], [' ', '>', '<'], $markup));
    }
}
