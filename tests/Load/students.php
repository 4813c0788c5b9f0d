<?php

declare(strict_types=1);

/**
 * Students who hand in over HTTP as the pages do: signed in, in pieces, trying again while the other side is away.
 *
 *   students.php ADDRESS SET-BRIEF STUDENTS FRAMES PICTURE FOLDER SECONDS
 *
 * Writes what each was told to FOLDER. Every sixth student also sends a file that is no picture, and must be told why
 * not.
 */
[, $address, $brief, $students, $frames, $picture, $folder, $limit] = $argv;
const TOGETHER = 12;
@mkdir($folder, 0777, true);
$base = (string) file_get_contents($picture);
$children = [];
for ($process = 0; $process < TOGETHER; $process++) {
    $child = pcntl_fork();
    if ($child === 0) {
        $told = [];
        for ($number = 1 + $process; $number <= (int) $students; $number += TOGETHER) {
            $told[] = (new Student($address, (int) $brief, $number, time() + (int) $limit))->handIn(
                $base,
                (int) $frames,
            );
        }
        file_put_contents($folder.'/'.$process.'.json', json_encode($told, JSON_THROW_ON_ERROR));
        exit(0);
    }
    $children[] = $child;
}
$failed = 0;
foreach ($children as $child) {
    pcntl_waitpid($child, $status);
    $failed += pcntl_wexitstatus($status) === 0 ? 0 : 1;
}
exit($failed === 0 ? 0 : 1);

final class Student
{
    private const PIECE = 1 << 20;

    /** @var array<string, string> */
    private array $cookies = [];

    private string $token = '';

    private int $retries = 0;

    /** @var array<string, int> times by what was answered instead */
    private array $because = [];

    public function __construct(
        private readonly string $address,
        private readonly int $brief,
        private readonly int $number,
        private readonly int $until,
    ) {
    }

    /** @return array{files: list<array<string, mixed>>, retries: int, because: array<string, int>} */
    public function handIn(string $base, int $frames): array
    {
        $this->signIn();
        $this->token = $this->tokenOf($this->keepTrying('/briefs/'.$this->brief)[1]);
        $files = [];
        if ($this->number % 6 === 0) {
            $files[] = $this->send(
                'notes '.$this->number.'.jpg',
                'These are notes and no picture. '.$this->number,
            );
        }
        $attempt = null;
        for ($frame = 1; $frame <= $frames; $frame++) {
            // A comment of its own right after the first marker makes a file of its own out of the same pixels.
            $comment = sprintf('student %d, frame %d', $this->number, $frame);
            $sent = $this->send(
                sprintf('IMG_%d_%d.jpg', $this->number, $frame),
                substr($base, 0, 2)."\xFF\xFE".pack('n', strlen($comment) + 2).$comment.substr($base, 2),
            );
            $attempt = $sent['attempt'] ?? $attempt;
            $files[] = $sent;
        }
        if ($attempt !== null) {
            $this->finish($attempt);
        }

        return ['files' => $files, 'retries' => $this->retries, 'because' => $this->because];
    }

    private function signIn(): void
    {
        $token = $this->tokenOf($this->keepTrying('/sign-in')[1]);
        $this->keepTrying(
            '/sign-in',
            http_build_query(['_token' => $token, 'email' => $this->email(), 'password' => 'the-last-minute']),
            [302],
        );
    }

    /** @return array<string, mixed> */
    private function send(string $name, string $content): array
    {
        $started = microtime(true);
        $facts = http_build_query(['name' => $name, 'size' => strlen($content), 'modified' => 1]);
        $uploads = '/briefs/'.$this->brief.'/uploads?'.$facts;
        $result = ['student' => $this->email(), 'name' => $name, 'hash' => hash('sha256', $content)];
        $received = (int) (json_decode($this->keepTrying($uploads)[1], true)['received'] ?? 0);
        while (true) {
            [$status, $body] = $this->keepTrying(
                $uploads.'&offset='.$received,
                substr($content, $received, self::PIECE),
                [200, 201, 422],
                'application/octet-stream',
            );
            $answer = json_decode($body, true) ?? [];
            if (isset($answer['frame']) || $status === 422) {
                return [
                    ...$result,
                    'accepted' => isset($answer['frame']),
                    'message' => $answer['message'] ?? null,
                    'attempt' => $answer['attempt'] ?? null,
                    'frame' => $answer['frame'] ?? null,
                    'seconds' => microtime(true) - $started,
                ];
            }
            $received = (int) $answer['received'];
        }
    }

    /** Marks the subject on every frame at once and hands the attempt in, whether the checks are done or not. */
    private function finish(string $attempt): void
    {
        $path = (string) parse_url($attempt, PHP_URL_PATH);
        while (str_contains($page = $this->keepTrying($path)[1], 'being read')) {
            $this->wait();
        }
        preg_match('~/frames/\d+~', $page, $frame);
        $this->keepTrying(
            $frame[0],
            http_build_query([
                '_token' => $this->token,
                '_method' => 'put',
                'for_row' => '1',
                'subject' => ['x' => 40, 'y' => 30, 'width' => 20, 'height' => 30],
                'stated' => ['support' => 'hand'],
                'about' => 'Blocks.',
                'reason' => 'Three ways.',
            ]),
            [302],
        );
        $this->keepTrying($path.'/hand-in', http_build_query(['_token' => $this->token]), [302]);
    }

    /**
     * @param  list<int>  $good
     * @return array{int, string}
     */
    private function keepTrying(
        string $path,
        ?string $body = null,
        array $good = [200],
        string $type = 'application/x-www-form-urlencoded',
    ): array {
        while (time() < $this->until) {
            $curl = curl_init($this->address.$path);
            curl_setopt_array($curl, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HEADER => true,
                CURLOPT_TIMEOUT => 120,
                CURLOPT_COOKIE => implode(
                    '; ',
                    array_map(
                        fn (string $name, string $value): string => $name.'='.$value,
                        array_keys($this->cookies),
                        $this->cookies,
                    ),
                ),
                CURLOPT_HTTPHEADER => [
                    'Content-Type: '.$type,
                    'X-CSRF-TOKEN: '.$this->token,
                    'Expect:',
                    str_contains($path, 'uploads') ? 'Accept: application/json' : 'Accept: text/html',
                ],
            ]);
            if ($body !== null) {
                curl_setopt_array($curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => $body]);
            }
            $answer = (string) curl_exec($curl);
            [$status, $size] = [
                (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
                (int) curl_getinfo($curl, CURLINFO_HEADER_SIZE),
            ];
            preg_match_all('/^set-cookie: ([^=]+)=([^;]+)/mi', substr($answer, 0, $size), $set, PREG_SET_ORDER);
            foreach ($set as [, $name, $value]) {
                $this->cookies[$name] = $value;
            }
            if (in_array($status, $good, true)) {
                return [$status, substr($answer, $size)];
            }
            $this->retries++;
            $what = $status.' '.($body === null ? 'GET' : 'POST').' '.preg_replace('/\d+|\?.*/', '', $path);
            $this->because[$what] = ($this->because[$what] ?? 0) + 1;
            $this->wait();
        }
        fwrite(STDERR, sprintf("%s: %s did not answer in time.\n", $this->email(), $path));
        exit(1);
    }

    private function tokenOf(string $page): string
    {
        return preg_match('/name="_token" value="([^"]+)"/', $page, $found) === 1 ? $found[1] : $this->token;
    }

    private function wait(): void
    {
        usleep(700_000);
    }

    private function email(): string
    {
        return 'student'.$this->number.'@load.example';
    }
}
