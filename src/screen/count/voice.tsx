"use client";

import { useEffect, useRef } from "react";
import { trailOf } from "@/core/lesson/views-of";
import { numberWords } from "@/core/number/number-words";
import { isCoveredAt } from "@/core/scene/scene";
import { say } from "@/kit/messages";
import { pickBoard, pickScene, useBoard } from "../store/use-board";

/** Speaks each number as the count reaches it, with the browser's own voice; when switched on, the current one. */
export function Voice() {
  const form = useBoard((state) => trailOf(pickBoard(state))?.words);
  const trail = useBoard((state) => pickScene(state).trail);
  // Numbers that the class keeps in its head, or is to find, are not spoken.
  const hidden = useBoard((state) => {
    const scene = pickScene(state);
    return scene.trail !== null && isCoveredAt(scene, scene.trail.end);
  });
  const before = useRef(0);
  useEffect(() => {
    const jumps = trail?.jumps.length ?? -1;
    const grew = jumps > before.current;
    before.current = jumps;
    if (!grew || !trail || hidden) return;
    if (!("speechSynthesis" in window)) return;
    const spoken = form === "american" ? "american" : "british";
    const utterance = new SpeechSynthesisUtterance(numberWords(trail.end, spoken));
    utterance.lang = spoken === "american" ? "en-US" : "en-GB";
    // A fast count does not wait for the voice: the latest number is what is heard.
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(utterance);
  }, [form, trail, hidden]);
  useEffect(() => {
    if (!("speechSynthesis" in window)) say("This browser cannot read numbers aloud.");
  }, []);
  return null;
}
