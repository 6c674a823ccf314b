<?php

declare(strict_types=1);

use App\Backup\BackupKind;
use App\Backup\Backups;
use App\Bench\Bench;
use App\Bench\User;
use App\Carry\BenchFileIn;
use App\Carry\BenchFileOut;
use App\Carry\BringAlone;
use App\Carry\BringBeside;
use App\Carry\NewDatabase;
use App\Carry\OwnerToBe;
use App\People\Person;
use App\People\Ticket;
use App\People\TicketKind;
use App\Upgrade\Copies;
use App\Upgrade\LeftOver;
use App\Upgrade\Opening;
use App\Upgrade\Upgrade;
use App\Upgrade\UseOfDatabase;
use Demo\DemoBench;
use Illuminate\Support\Facades\Artisan;

Artisan::command('demo:load', function (): void {
    $this->line(
        DemoBench::loadIfEmpty()
            ? 'The demo bench “Orchard Row” is laid out.'
            : 'There is a bench already; it was left as it is.',
    );
})->purpose('Lay the demo bench when the database is empty');

Artisan::command('demo:reset', function (): void {
    DemoBench::reset();
    $this->line('The demo bench “Orchard Row” is back as it was.');
})->purpose('Put the demo bench back');

Artisan::command('demo:leave', function (): void {
    $this->line('You stand at “'.DemoBench::leave()->name.'” now; the demo bench is kept.');
})->purpose('Go to a bench of your own');

Artisan::command('upgrade', function (): int {
    $opening = Opening::ofApplication();
    $trouble = $opening->trouble();
    if ($trouble !== []) {
        foreach ($trouble as $line) {
            $this->line($line);
        }

        return 1;
    }
    LeftOver::sweep();
    $opening->lay();
    try {
        $copy = Upgrade::ofApplication()->run();
    } catch (Exception $why) {
        // What SQLite says helps nobody at a terminal; the log has it.
        report($why);
        $isOurs = $why instanceof RuntimeException && ! $why instanceof PDOException;
        $this->line('The database could not be brought up to date: '.($isOurs
            ? $why->getMessage()
            : 'it is of a state between two versions that this one does not know. The log has the details.'));
        foreach ($opening->ways() as $line) {
            $this->line($line);
        }

        return 1;
    }
    if ($copy !== null) {
        $this->line("The database was brought up to date. As it was before, it lies at $copy");
    }

    return 0;
})->purpose('Bring the database up to date, after a checked copy of it was made');

Artisan::command('begun', function (): void {
    Opening::ofApplication()->begun();
})->purpose('Remember that there is a bench here');

Artisan::command('account:first {--at=}', function (): void {
    if (! Person::isAny()) {
        [$ticket, $key] = Ticket::hand(TicketKind::Owner);
        $this->line('Nobody has an account here yet. The first one owns the shop; make it within an hour at');
        $this->line(rtrim((string) $this->option('at'), '/').$ticket->kind->path().'#'.$key);
    }
})->purpose('An address for the first account of a shared shop, where there is none');

Artisan::command('account {name?} {--at=}', function (): int {
    $name = $this->argument('name');
    if (! is_string($name)) {
        foreach (User::query()->whereNotNull('login')->orderBy('login')->get() as $user) {
            $this->line($user->name);
        }

        return 0;
    }
    $user = User::query()->where('login', mb_strtolower($name))->first();
    if ($user === null) {
        $this->line("Nobody here is called $name. Without a name the command lists everybody.");

        return 1;
    }
    [$ticket, $key] = Ticket::hand(TicketKind::Recovery, user: $user);
    $this->line("A new password for $user->name is taken within an hour, once, at");
    $this->line(rtrim((string) $this->option('at'), '/').$ticket->kind->path().'#'.$key);

    return 0;
})->purpose('Who has an account, or an address that takes a new password for one');

Artisan::command('backup {--due}', function (): int {
    $backups = Backups::ofApplication();
    try {
        if ($this->option('due')) {
            $backups->makeDue();
        } else {
            $this->line('Made and read back: '.$backups->make(BackupKind::Asked)->path);
        }
    } catch (RuntimeException $why) {
        $this->line($why->getMessage());

        return 1;
    }

    return 0;
})->purpose('Back everything up, now or where it is due');

Artisan::command('carry {file} {bench?}', function (): int {
    $name = $this->argument('bench');
    $bench = is_string($name) ? Bench::inUse()->where('name', $name)->first() : User::query()->first()?->bench;
    if ($bench === null) {
        $this->line('There is no such bench here.');

        return 1;
    }
    (new BenchFileOut($bench))->write((string) $this->argument('file'));
    $this->line("“{$bench->name}” is in {$this->argument('file')}.");

    return 0;
})->purpose('Write a whole bench into one open file');

Artisan::command('bring {file} {--alone} {--for=}', function (): int {
    $aside = null;
    try {
        $file = new BenchFileIn((string) $this->argument('file'));
        $this->line($file->head->says());
        $owner = $this->option('alone') ? null : OwnerToBe::here((string) $this->option('for'));
        if ($owner !== null) {
            $bench = (new BringBeside($file))->bring($owner);
        } else {
            [$bench, $aside] = NewDatabase::with((new BringAlone($file))->bring(...));
        }
    } catch (RuntimeException|JsonException|PDOException $why) {
        $this->line($why->getMessage());

        return 1;
    }
    Opening::ofApplication()->begun();
    $this->line("“{$bench->name}” is here.".($aside === null ? '' : " What was there before lies at $aside"));

    return 0;
})->purpose('Make a bench of a file that another program wrote, beside those that are here or alone');

Artisan::command('restore {copy?} {--new}', function (): int {
    $opening = Opening::ofApplication();
    try {
        $copy = $this->argument('copy');
        if (! $this->option('new') && ! is_string($copy)) {
            foreach ($opening->ways() as $line) {
                $this->line($line);
            }

            return 0;
        }
        $aside = UseOfDatabase::ofApplication()->alone(
            static fn (): ?string => is_string($copy)
                ? Copies::ofApplication()->takeBack($copy)
                : $opening->beginAnew(),
        );
        if (is_string($copy)) {
            Backups::ofApplication()->bringPhotos($copy);
        }
    } catch (RuntimeException $why) {
        $this->line($why->getMessage());

        return 1;
    }
    $this->line('Done. Start Jack Rest again.'.($aside === null ? '' : " What was there before lies at $aside"));

    return 0;
})->purpose('Take a copy of the database back, or begin anew');
