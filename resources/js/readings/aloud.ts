/** Says it aloud, where the browser has a voice: both hands hold probes. */
export function aloud(sentence: string): void {
    if ('speechSynthesis' in window) {
        window.speechSynthesis.cancel();
        window.speechSynthesis.speak(new SpeechSynthesisUtterance(sentence.replaceAll('−', 'minus ').replaceAll('mΩ', 'milliohms').replaceAll('Ω', 'ohms')));
    }
}
