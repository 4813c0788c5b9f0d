<?php

declare(strict_types=1);

use App\Accounts\Secrets;
use App\Critique\CritiquePublished;
use App\Http\Outage;
use App\Imaging\StillMaking;
use App\Imaging\StoreAway;
use App\Reach\TrustedNames;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\TokenMismatchException;
use Predis\PredisException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use TruePupil\Core\Capture\UnreadablePicture;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withCommands()
    ->withMiddleware(function (Middleware $middleware): void {
        // No other origin is ever answered.
        $middleware->remove(HandleCors::class);
        // Outermost: what fails further in is answered with them too.
        $middleware->prepend(App\Http\Middleware\SecureHeaders::class);
        $middleware->append(App\Http\Middleware\RequestId::class);
        $middleware->append(App\Http\Middleware\AnswerWhileDatabaseIsAway::class);
        // Who watches goes on watching while the service is being looked after.
        $middleware->preventRequestsDuringMaintenance(except: ['healthz', 'readyz', 'metrics']);
        $middleware->trustHosts(at: TrustedNames::patterns(...), subdomains: false);
        $middleware->web(
            prepend: [App\Http\Middleware\OwnReferer::class],
            append: [
                App\Http\Middleware\ReadFromReplicas::class,
                App\Http\Middleware\SameGeneration::class,
                App\Http\Middleware\NeedsSecondFactor::class,
                App\Http\Middleware\ReadByPerson::class,
            ],
            replace: [StartSession::class => App\Http\Middleware\StartSession::class],
        );
        // With the session at hand, and before anybody or anything is looked up.
        $middleware->prependToPriorityList(
            before: AuthenticatesRequests::class,
            prepend: App\Http\Middleware\ReadFromReplicas::class,
        );
        $middleware->prependToPriorityList(
            before: AuthenticatesRequests::class,
            prepend: App\Http\Middleware\SameGeneration::class,
        );
        $middleware->alias(['beside' => App\Http\Middleware\BesideThePage::class]);
        $middleware->redirectGuestsTo(fn () => route('sign-in'));
        $middleware->redirectUsersTo(fn () => route('home'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontFlash(Secrets::FIELDS);
        // A partial request gets a sentence it can show in place, never a whole page.
        $exceptions->shouldRenderJsonWhen(
            fn (Request $request) => $request->expectsJson() || $request->hasHeader('HX-Request'),
        );
        // A form that was open while somebody else published: nothing is changed behind the student's back.
        $exceptions->render(
            fn (CritiquePublished $problem): Response => response($problem->getMessage(), 409, [
                'Content-Type' => 'text/plain; charset=utf-8',
            ]),
        );
        $exceptions->dontReport(CritiquePublished::class);
        // Asked for, a picture that cannot be shown is not there.
        $exceptions->map(
            UnreadablePicture::class,
            fn (UnreadablePicture $problem): NotFoundHttpException => new NotFoundHttpException(
                $problem->getMessage(),
                $problem,
            ),
        );
        $exceptions->map(
            StillMaking::class,
            fn (StillMaking $problem): HttpException => new HttpException(
                503,
                $problem->getMessage(),
                $problem,
                ['Retry-After' => '2'],
            ),
        );
        $exceptions->dontReport(StillMaking::class);
        // The database is away, or the disk is full: said as what it is, by pages that need neither.
        $exceptions->map(
            QueryException::class,
            fn (QueryException $problem): Throwable => Outage::of($problem) ?? $problem,
        );
        foreach ([PredisException::class, StoreAway::class, LockTimeoutException::class] as $kind) {
            $exceptions->map($kind, fn (Throwable $problem): Throwable => Outage::of($problem) ?? $problem);
        }
        $exceptions->map(
            ErrorException::class,
            fn (ErrorException $problem): Throwable => Outage::of($problem) ?? $problem,
        );
        // A full disk has no room for a page that has to be put together first.
        $exceptions->render(
            fn (HttpException $problem, Request $request): ?Response => $problem->getStatusCode() !== 507 ||
                $request->expectsJson() ||
                $request->hasHeader('HX-Request')
                ? null
                : response((string) file_get_contents(public_path('full.html')), 507),
        );
        // While the service is being looked after, what a page asks by itself gets a sentence that it can show.
        $exceptions->render(
            fn (HttpException $problem, Request $request): ?JsonResponse => $problem->getStatusCode() === 503 &&
                // What is away may be what keeps whether it is being looked after.
                rescue(fn (): bool => app()->isDownForMaintenance(), false, report: false) &&
                ($request->expectsJson() || $request->hasHeader('HX-Request'))
                ? response()->json(
                    ['message' => 'The service is being looked after. What you typed is still here; try again in a '.
                        'minute.'],
                    503,
                    $problem->getHeaders(),
                )
                : null,
        );
        // A form that was open too long: what was typed goes back into it, with a fresh token.
        $exceptions->render(function (HttpException $exception, Request $request) {
            if (! ($exception->getPrevious() instanceof TokenMismatchException)) {
                return null;
            }
            $message =
                'This page had been open too long for its form to count. What you typed is still here: please press '.
                'the button again.';

            // What is sent piece by piece keeps the page's old token: only loading the page again brings a new one.
            if ($request->hasHeader('HX-Request')) {
                return response()->json(
                    [
                        'message' => 'This page had been open too long, or you were signed out. What you typed is '.
                            'kept in this browser: load the page again, sign in if it asks you to, and it will be '.
                            'there.',
                    ],
                    419,
                );
            }

            return $request->expectsJson()
                ? response()->json(['message' => $message], 419)
                : back()->withInput($request->except(Secrets::FIELDS))->with('problem', $message);
        });
        $exceptions->render(function (PostTooLargeException $exception, Request $request) {
            $message = sprintf(
                'The file is larger than the %d MB taken here. Nothing was kept of it; hand in a smaller export.',
                (int) config('pupil.upload.megabytes'),
            );

            return $request->expectsJson()
                ? response()->json(['message' => $message], 413)
                : back()->with('problem', $message);
        });
    })
    ->create();

// Everything this copy writes lies under var/, so that two copies never meet.
$var = getenv('PUPIL_VAR') ?: dirname(__DIR__).'/var';
$app->useStoragePath($var.'/storage');
// Its settings lie there too, unless an operator keeps them elsewhere.
$app->useEnvironmentPath(getenv('PUPIL_SETTINGS') ?: $var);

return $app;
