<?php

declare(strict_types=1);

use App\Upgrade\Upgrade;
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
    try {
        $copy = Upgrade::ofApplication()->run();
    } catch (RuntimeException $why) {
        $this->error($why->getMessage());

        return 1;
    }
    if ($copy !== null) {
        $this->line("The database was brought up to date. As it was before, it lies at $copy");
    }

    return 0;
})->purpose('Bring the database up to date, after a checked copy of it was made');
