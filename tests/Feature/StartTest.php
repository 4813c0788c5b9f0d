<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Commands\CritiquePicture;
use Illuminate\Console\Application as Artisan;
use Illuminate\Console\Command;
use Illuminate\Console\Scheduling\Event;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use ReflectionClass;
use Spatie\Activitylog\LogBatch;
use Symfony\Component\Console\Attribute\AsCommand;
use Tests\TestCase;

/** Starting makes only what is needed, and what is made later is all there. */
final class StartTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_command_is_made_when_it_is_run_and_not_before(): void
    {
        $named = [];
        foreach (glob(app_path('Console/Commands/*.php')) ?: [] as $file) {
            /** @var class-string<Command> $class */
            $class = 'App\\Console\\Commands\\'.basename($file, '.php');
            $reflection = new ReflectionClass($class);
            if ($reflection->isAbstract()) {
                continue;
            }
            $attribute = $reflection->getAttributes(AsCommand::class)[0] ?? $this->fail($class.' is not named.');
            $name = $attribute->newInstance()->name;
            $this->assertSame($this->app->make($class)->getName(), $name);
            $named[] = $name;
        }
        $this->assertContains('pupil:critique', $named);

        $made = [];
        $this->app->resolving(Command::class, function (Command $command) use (&$made): void {
            $made[] = $command::class;
        });
        $artisan = new Artisan($this->app, $this->app->make('events'), $this->app->version());
        $artisan->setContainerCommandLoader();
        $this->assertNotContains(CritiquePicture::class, $made);
        $artisan->find('pupil:critique');
        $this->assertContains(CritiquePicture::class, $made);
    }

    public function test_what_is_due_by_the_clock(): void
    {
        $due = array_map(
            fn (Event $event): array => [
                preg_replace('/^.* /', '', (string) ($event->command ?? $event->description)),
                $event->expression,
                $event->onOneServer,
            ],
            $this->app->make(Schedule::class)->events(),
        );
        $this->assertSame(
            [
                ['pupil:clean', '7 * * * *', true],
                ['pupil:remind', '11 * * * *', true],
                ['take-up', '* * * * *', true],
                ['node-cleaning', '23 * * * *', false],
            ],
            $due,
        );
    }

    public function test_one_request_has_one_log(): void
    {
        $this->assertSame($this->app->make(LogBatch::class), $this->app->make(LogBatch::class));
    }

    public function test_a_query_is_one_statement(): void
    {
        $this->assertSame(3, DB::scalar('select ? + 1', [2]));
        $this->expectException(QueryException::class);
        DB::select('select 1; select 2');
    }
}
