<?php

declare(strict_types=1);

namespace Tests\Browser;

final class TwoWindowsTest extends BrowserTestCase
{
    public function test_a_second_window_shows_what_the_first_recorded(): void
    {
        $second = $this->newBrowser();
        $this->open('/kit');
        $this->open('/', $second);
        $this->press('Got it: hang it up');
        $this->seesText('six things to see to', $second);
        $this->seesNoMore('one tool to get', $second);
        $this->seesText('six things to see to', $second);
    }

    public function test_the_second_editor_is_told_and_loses_nothing(): void
    {
        $second = $this->newBrowser();
        $this->open('/true/references/'.$this->squareId());
        $this->open('/true/references/'.$this->squareId(), $second);
        $this->type('reading 1', '0.30', $second);
        $this->seesText('0.15 mm', $second);

        $this->type('reading 1', '0.32');
        $this->press('Only record the test');
        $this->seesText('0.16 mm, leans toward the stock, outside');

        $this->seesText('was changed in another window meanwhile', $second);
        self::assertSame('0.30', $this->field('reading 1', $second)->getAttribute('value'));
        $this->press('Keep mine', $second);
        $this->press('Only record the test', $second);
        $this->seesText('0.15 mm, leans toward the stock, outside', $second);
    }

    public function test_what_was_typed_outlives_the_page(): void
    {
        $this->open('/true/references/'.$this->squareId());
        $this->type('reading 1', '0.28');
        $this->seesText('0.14 mm');
        $this->open('/');
        $this->open('/true/references/'.$this->squareId());
        self::assertSame('0.28', $this->field('reading 1')->getAttribute('value'));
    }

    private function squareId(): int
    {
        return $this->referenceId('square');
    }
}
