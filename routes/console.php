<?php

declare(strict_types=1);

use Demo\DemoBench;
use Illuminate\Support\Facades\Artisan;

Artisan::command('demo:load', function (): void {
    $this->line(DemoBench::loadIfEmpty() ? 'The demo bench “Orchard Row” is laid out.' : 'There is a bench already; it was left as it is.');
})->purpose('Lay the demo bench when the database is empty');

Artisan::command('demo:reset', function (): void {
    DemoBench::reset();
    $this->line('The demo bench “Orchard Row” is back as it was.');
})->purpose('Put the demo bench back');

Artisan::command('demo:leave', function (): void {
    $this->line('You stand at “'.DemoBench::leave()->name.'” now; the demo bench is kept.');
})->purpose('Go to a bench of your own');
