<?php

declare(strict_types=1);

use App\Backup\BackupWhenDue;
use App\Entry\AnswerThisHostOnly;
use App\Entry\AnswerUnchanged;
use App\Entry\BoundBody;
use App\Entry\EnterBench;
use App\Entry\GuardContent;
use App\Entry\OneMachineOnly;
use App\Entry\Problems;
use App\Entry\RefuseWhileRestoring;
use App\Entry\SharedShopOnly;
use App\Entry\SignInFirst;
use App\Entry\SoundInput;
use App\Entry\TakeTurns;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;

$root = dirname(__DIR__);

$app = Application::configure(basePath: $root)
    ->withRouting(web: "$root/routes/web.php", commands: "$root/routes/console.php")
    ->withMiddleware(static function (Middleware $middleware): void {
        // The application answers its own origin only.
        $middleware->remove([HandleCors::class, TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->prepend([AnswerThisHostOnly::class, BoundBody::class, GuardContent::class]);
        $middleware->append(RefuseWhileRestoring::class);
        // Who is asking comes before what they sent is read.
        $middleware->appendToGroup('web', [SoundInput::class, TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->alias([
            'bench' => EnterBench::class,
            'backup' => BackupWhenDue::class,
            'machine' => OneMachineOnly::class,
            'shop' => SharedShopOnly::class,
            'signed-in' => SignInFirst::class,
            'turn' => TakeTurns::class,
            'unchanged' => AnswerUnchanged::class,
        ]);
        // Records are looked up on the bench, so the bench comes first.
        $middleware->prependToPriorityList(SubstituteBindings::class, SignInFirst::class);
        $middleware->prependToPriorityList(SubstituteBindings::class, EnterBench::class);
        $middleware->appendToPriorityList(EnterBench::class, AnswerUnchanged::class);
        // Blanks at the ends of a password belong to it.
        $middleware->trimStrings(except: ['current']);
        // Computing changes nothing, so a calculation may be asked without a token, as from a terminal.
        $middleware->validateCsrfTokens(except: ['api/calc/*']);
    })
    ->withExceptions(static fn (Exceptions $exceptions) => Problems::declare($exceptions))
    ->create();

// Everything that is written lives in one folder: database, key, logs, sessions.
$app->useStoragePath($_SERVER['JACKREST_DATA'] ?? (getenv('JACKREST_DATA') ?: "$root/data"));
$app->useEnvironmentPath($app->storagePath());

return $app;
