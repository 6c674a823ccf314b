<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Somebody with an empty bench, and no manual. */
final class NewcomerTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        self::php('tests/Support/clear-own-benches.php');
        self::artisan('demo:leave');
    }

    public function test_from_an_empty_bench_to_a_first_ladder(): void
    {
        $this->open('/');
        self::assertSame('Say what you want to make: the rest follows from it.', $this->nextStroke());
        $this->press('Choose a work');
        $this->sees("//a[contains(., 'dovetailed box')]")->click();
        $this->type('length', '300');
        $this->seesText('Nothing of the work can be done yet.');
        $this->press('Add this work');
        $this->seesText('Get the abrasive paper on glass: € 25.');
        $this->seesText('Dovetailed box, roughly made:');
        $this->sees("//*[local-name() = 'title'][. = 'The ladder of what to get']");
        $this->press('Got it: hang it up');
        $this->seesText('Get the marking knife: € 18.');
    }

    public function test_another_bench_is_begun_from_the_screen_and_left_again(): void
    {
        $this->open('/');
        $this->sees("//a[starts-with(@aria-label, 'Benches')]")->click();
        $this->type('Name of the bench', 'Shed');
        $this->press('Begin');
        $this->seesText('Say what you want to make: the rest follows from it.');
        $this->open('/benches');
        $this->sees("//button[@aria-label = 'Go to Orchard Row']")->click();
        $this->seesText('hive bodies');
        $this->open('/benches');
        $this->seesText('You are here');
    }

    public function test_empty_hooks_teach_the_order_and_fill_in_five_readings(): void
    {
        $this->open('/kit');
        foreach (
            [
                'First of all a way to sharpen',
                'Then a chisel.',
                'Then one bench plane',
                'Then one or two saws',
                'Then a square, a knife and a gauge.',
            ] as $lesson
        ) {
            $this->seesText($lesson);
        }
        $this->sees("(//a[. = 'Hang one up'])[2]")->click();
        $this->sees("//button[contains(., 'bevel-edge chisel')]")->click();
        $this->type('blade width', '3/4in');
        $this->seesText('19.05 mm');
        $this->press('Hang it up');
        $this->seesText('✓ bevel-edge chisel, 19.1 mm. The next one?');
        $this->open('/kit');
        $this->sees("//*[@data-testid='tool-bench-chisel']");
    }
}
