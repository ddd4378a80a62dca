<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A boat taken in with nothing but its name, and parts added by hand, each act counted. */
trait BuildsBoats
{
    /** keys pressed in a row, fields typed, buttons pressed: what a person would call one act */
    private int $acts = 0;

    private function takeIn(string $customer, string $work, string $boat): void
    {
        $this->signIn();
        $this->tabTo('Take a boat in');
        $this->press(WebDriverKeys::ENTER);
        $this->dialog('Customer');
        $this->fill('Customer', $customer);
        $this->fill('What is to be done', $work);
        $this->fill('Boat', $boat);
        $this->press(WebDriverKeys::ENTER);
        // A boat that nobody has looked at begins with her survey.
        $this->until(fn (): bool => str_contains($this->page(), 'No photograph yet'), 'an empty survey');
        $this->tabTo('Power');
        $this->press(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->page(), 'Nothing is planned yet'), 'an empty plan');
    }

    /** @param  array<string, string>  $fields what is typed, by label */
    private function add(string $sought, array $fields, ?string $bank = null, ?string $on = null): void
    {
        $before = $this->kept();
        $this->acts++;
        $this->press('a');
        $this->dialog('Part of the catalogue');
        $this->press($sought, WebDriverKeys::ENTER);
        $asked = fn (): bool => $this->driver()->findElements(WebDriverBy::xpath('//section[@role="dialog"]//button[contains(., "Add it")]')) !== [];
        $several = fn (): bool => $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog] li button:focus')) !== [];
        $this->until(fn (): bool => $asked() || $several(), "{$sought} found");
        // Of several that are found the first has the focus: the next Enter takes it.
        if (! $asked()) {
            $this->press(WebDriverKeys::ENTER);
        }
        $this->until($asked, "what is asked of {$sought}");
        foreach ($fields as $label => $text) {
            $this->acts++;
            $this->fill($label, $text);
        }
        foreach (array_filter(['Bank' => $bank, 'Hung on' => $on]) as $label => $choice) {
            $this->acts++;
            $this->chooseInDialog($label, $choice);
        }
        $this->click('//section[@role="dialog"]//button[contains(., "Add it")]');
        $this->until(fn (): bool => $this->isKeptSince($before)
            && $this->driver()->findElements(WebDriverBy::cssSelector('section[role=dialog]')) === [], "{$sought} in the plan");
    }

    /** One of what a field offers; of a charger, the one bank that it charges. */
    private function chooseInDialog(string $label, string $choice): void
    {
        // What a part can be hung on is proposed by the server, and comes a moment later.
        $this->until(fn (): bool => $this->driver()->executeScript(<<<'JS'
            const [label, choice] = arguments, dialog = document.querySelector('section[role=dialog]');
            const field = [...dialog.querySelectorAll('label')].find((one) => one.innerText.startsWith(label))?.control;
            const option = [...(field?.options ?? [])].find((one) => one.text.toLowerCase().includes(choice.toLowerCase()));
            if (option !== undefined) {
                Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value').set.call(field, option.value);
                field.dispatchEvent(new Event('change', { bubbles: true }));
                return true;
            }
            const boxes = [...dialog.querySelectorAll('input[type=checkbox]')], meant = boxes.filter((box) => box.labels[0].innerText.toLowerCase().includes(choice.toLowerCase()));
            boxes.filter((box) => box.checked !== meant.includes(box)).forEach((box) => box.click());
            return meant.length === 1;
            JS, [$label, $choice]) === true, "{$label}: {$choice}");
    }

    private function fill(string $label, string $text): void
    {
        $this->click("//section[@role=\"dialog\"]//label[starts-with(normalize-space(.), \"{$label}\")]/following::input[1]");
        $this->press(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL, $text);
    }

    /** The version that the boat strip says is kept; while one is on its way it says none. */
    private function kept(): string
    {
        $this->until(fn (): bool => $this->keptNow() !== '', 'a version that is kept');

        return $this->keptNow();
    }

    private function isKeptSince(string $before): bool
    {
        return ! in_array($this->keptNow(), ['', $before], true);
    }

    private function keptNow(): string
    {
        return preg_match('/v\d+/', $this->page(), $found) === 1 ? $found[0] : '';
    }

    private function dialog(string $label): void
    {
        $this->until(fn (): bool => $this->driver()->executeScript('const e = document.activeElement; return e.labels?.[0]?.innerText ?? ""') !== ''
            && str_starts_with((string) $this->driver()->executeScript('return document.activeElement.labels?.[0]?.innerText ?? ""'), $label), "the field \"{$label}\" with the focus");
    }

    /** Presses the button of a remedy or an answer that says so. */
    private function apply(string $words): void
    {
        $before = $this->kept();
        $this->click("(//*[@role='tabpanel']//button[contains(., \"{$words}\") or contains(@aria-label, \"{$words}\")])[1]");
        $this->acts++;
        $this->until(fn (): bool => $this->isKeptSince($before), "\"{$words}\" kept");
    }

    private function typeLength(string $run, string $length): void
    {
        $before = $this->kept();
        $this->typeInto("Length of {$run}", $length);
        $this->acts++;
        $this->until(fn (): bool => $this->isKeptSince($before), "the length of {$run}");
    }
}
