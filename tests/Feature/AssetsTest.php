<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\Assets;
use Tests\TestCase;

/** Styles and scripts have addresses that change when one of them does. */
final class AssetsTest extends TestCase
{
    public function test_pages_name_styles_and_scripts_by_their_fingerprint(): void
    {
        $prefix = '/assets/'.Assets::of(public_path()).'/';

        $this->assertSame($prefix.'css/true-pupil.css', Assets::url('css/true-pupil.css'));
        $page = (string) $this->get(route('sign-in'))->assertOk()->getContent();
        preg_match_all('~(?:href|src)="([^"]+\.(?:css|js|mjs))"~', $page, $found);
        $this->assertNotEmpty($found[1]);
        foreach ($found[1] as $address) {
            $this->assertStringStartsWith($prefix, $address);
            $this->assertFileExists(public_path(substr($address, strlen($prefix))));
        }
    }

    public function test_the_fingerprint_changes_with_content_and_names(): void
    {
        $folder = sys_get_temp_dir().'/assets-'.bin2hex(random_bytes(6));
        mkdir($folder.'/css', recursive: true);
        file_put_contents($folder.'/css/a.css', 'a {}');
        $first = Assets::of($folder);

        $this->assertMatchesRegularExpression('/^[0-9a-f]{12}$/', $first);
        $this->assertSame($first, Assets::of($folder));
        file_put_contents($folder.'/css/a.css', 'b {}');
        $second = Assets::of($folder);
        $this->assertNotSame($first, $second);
        rename($folder.'/css/a.css', $folder.'/css/b.css');
        $this->assertNotSame($second, Assets::of($folder));
        unlink($folder.'/css/b.css');
        rmdir($folder.'/css');
        rmdir($folder);
    }
}
