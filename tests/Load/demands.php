<?php

declare(strict_types=1);

/**
 * One student asks many times at once for every pixel of a large picture; another looks at a page meanwhile.
 *
 *   demands.php ADDRESS MEGAPIXELS FOLDER
 *
 * Prints how long pages and /healthz took before and meanwhile, and what the demands were answered.
 */
[, $address, $megapixels, $folder] = $argv;
$wide = (int) round(sqrt((float) $megapixels * 1e6 * 1.5));
$picture = $folder.'/large.jpg';
exec(sprintf('vips gaussnoise %s.v %d %d --mean 120 --sigma 3', $picture, $wide, intdiv($wide * 2, 3)));
exec(sprintf('vips cast %1$s.v %1$s[Q=75] uchar', $picture));

$greedy = new Visitor($address, 'hugo');
$other = new Visitor($address, 'sefa');
$page = $greedy->page('/');
preg_match_all('~/briefs/(\d+)~', $page, $briefs);
$sent = $greedy->send('/briefs/'.$briefs[1][0].'/frames', $picture);
preg_match('~/frames/(\d+)~', $sent, $frame) || preg_match('~/attempts/(\d+)~', $sent, $attempt);
if (! isset($frame[1])) {
    $page = $greedy->page('/attempts/'.($attempt[1] ?? exit("The picture was not taken.\n")));
    preg_match('~/frames/(\d+)~', $page, $frame);
}
do {
    sleep(1);
    $state = $greedy->page('/frames/'.$frame[1]);
} while (! str_contains($state, '/frames/'.$frame[1].'/picture'));

$median = function (callable $ask): float {
    $times = [];
    for ($i = 0; $i < 9; $i++) {
        $from = microtime(true);
        $ask();
        $times[] = microtime(true) - $from;
    }
    sort($times);

    return $times[4];
};
$before = $median(fn () => $other->page('/'));
printf("alone: a page %.3f s, /healthz %.3f s\n", $before, $median(fn () => $other->page('/healthz')));
foreach ([6, 60] as $count) {
    array_map(unlink(...), glob($folder.'/storage/scratch/wholes/*') ?: []);
    [$together, $handles] = $greedy->begin('/frames/'.$frame[1].'/whole', $count);
    $pages = $health = [];
    do {
        curl_multi_exec($together, $running);
        foreach (['/' => &$pages, '/healthz' => &$health] as $path => &$times) {
            $from = microtime(true);
            $other->page($path);
            $times[] = microtime(true) - $from;
        }
        unset($times);
        curl_multi_select($together, 0.01);
    } while ($running > 0);
    sort($pages);
    sort($health);
    $answers = array_count_values(array_map(fn ($one): int => curl_getinfo($one, CURLINFO_RESPONSE_CODE), $handles));
    ksort($answers);
    printf(
        "%d at once: a page %.3f s (median; %.1f times), longest %.3f s; /healthz longest %.3f s; answers %s\n",
        $count,
        $pages[intdiv(count($pages), 2)],
        $pages[intdiv(count($pages), 2)] / $before,
        end($pages),
        end($health),
        json_encode($answers),
    );
}

final class Visitor
{
    private string $jar;

    public function __construct(private readonly string $address, string $name)
    {
        $this->jar = tempnam(sys_get_temp_dir(), 'jar');
        $this->post('/sign-in', ['email' => $name.'@kilnyard.example', 'password' => 'eight-evenings']);
    }

    public function page(string $path): string
    {
        return (string) curl_exec($this->handle($path));
    }

    public function send(string $path, string $file): string
    {
        return $this->post($path, ['pictures[]' => new CURLFile($file, 'image/jpeg', 'large.jpg')]);
    }

    /** @return array{CurlMultiHandle, list<CurlHandle>} */
    public function begin(string $path, int $count): array
    {
        $together = curl_multi_init();
        $handles = [];
        for ($i = 0; $i < $count; $i++) {
            curl_multi_add_handle($together, $handles[] = $this->handle($path));
        }

        return [$together, $handles];
    }

    /** @param  array<string, mixed>  $fields */
    private function post(string $path, array $fields): string
    {
        preg_match('/name="csrf-token" content="([^"]+)"/', $this->page('/sign-in'), $token);
        $token[1] ?? preg_match('/name="csrf-token" content="([^"]+)"/', $this->page('/'), $token);
        $handle = $this->handle($path);
        curl_setopt($handle, CURLOPT_POSTFIELDS, ['_token' => $token[1] ?? '', ...$fields]);
        curl_exec($handle);

        return (string) curl_getinfo($handle, CURLINFO_EFFECTIVE_URL);
    }

    private function handle(string $path): CurlHandle
    {
        $handle = curl_init($this->address.$path);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_FOLLOWLOCATION => true,
            CURLOPT_COOKIEJAR => $this->jar,
            CURLOPT_COOKIEFILE => $this->jar,
            CURLOPT_TIMEOUT => 180,
        ]);

        return $handle;
    }
}
